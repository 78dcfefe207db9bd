export { boardPoint, rowMaker, type BoardPoint, type BoardPoints, type JobRow, type RowPlace } from './row';
