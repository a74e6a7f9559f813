export { applyTemplateDoor as PUT, keepTemplateDoor as POST, templatesDoor as GET } from '../../../../../server/doors/templates.ts';
