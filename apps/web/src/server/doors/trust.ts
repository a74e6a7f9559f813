import 'server-only';
import { X509Certificate } from 'node:crypto';
import { rootCertificate, shopAddress } from '../environment.ts';
import { fileDoor } from '../fileDoor.ts';

/** How other machines reach the shop, and by what they know it. */
export function networkNow(): { address: string; fingerprint: string | null } | null {
  const [address, root] = [shopAddress(), rootCertificate()];
  return address ? { address, fingerprint: root && new X509Certificate(root).fingerprint256 } : null;
}

/** The shop's own certificate, for a phone to trust: nothing of it is secret. */
export const trustDoor = (request: Request): Promise<Response> =>
  fileDoor(request, () => {
    const root = rootCertificate();
    return Promise.resolve(
      root
        ? { bytes: root, type: 'application/x-x509-ca-cert', name: 'inch-nest.crt' }
        : { missing: 'this shop has no certificate of its own' },
    );
  });
