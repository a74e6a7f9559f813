export { counterQuoteDoor as GET } from '../../../../../server/doors/labels.ts';
