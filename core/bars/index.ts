export {
  readModel,
  withoutNumbers,
  type BarModel,
  type Row,
  withRoom,
  type Shown,
  type Stretch
} from './model';
export { drawModel, type DrawnBox, type DrawnBrace, type DrawnText, type Drawing } from './draw';
