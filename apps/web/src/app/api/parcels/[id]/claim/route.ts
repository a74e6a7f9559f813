export { askClaimDoor as POST, claimDoor as GET } from '../../../../../server/doors/claim.ts';
