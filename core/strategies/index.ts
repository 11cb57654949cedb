export { choiceAmong, takenBy, type Choice } from './best-strategy';
