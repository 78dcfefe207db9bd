export { boardPoint, jobRow, type BoardPoint, type BoardPoints, type JobRow, type RowPlace } from './row';
