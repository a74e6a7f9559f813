export { planDoor as POST } from '../../../server/doors/plan.ts';
