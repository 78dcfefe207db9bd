export { codeAt, deviceAt, leanAt, meterAt, phoneAt } from './atPoint';
