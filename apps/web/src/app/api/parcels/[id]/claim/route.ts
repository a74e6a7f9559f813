export { claimDoor as GET } from '../../../../../server/doors/claim.ts';
