import { array, number, string } from 'yup';
import {
  BOX_FILL_AWG,
  BOX_FILL_EDITIONS,
  CONDUCTOR_ROLES,
  boxFill,
  type BoxFill,
  type BoxFillAwg,
} from '@/core/junction';
import { exact } from './exact';
import { SCHEMA_FAULT } from './parse';
import { ProblemError } from './problem';

/** Groups, yokes and single counts of one box: more than any box holds. */
const MOST = { groups: 100, count: 1000 } as const;

const awg = () => number<BoxFillAwg>().defined();
const count = () => number().integer().min(0).max(MOST.count);
const one = <T extends string>(values: readonly T[]) => string<T>().oneOf(values);

/** Request of POST /api/v1/compute/box-fill. Sizes and figures that are of the right type but impossible are 422. */
export const boxFillRequest = exact({
  rule: one(['us-314.16']).defined(),
  edition: number()
    .defined()
    .test(SCHEMA_FAULT, `is none of ${BOX_FILL_EDITIONS.join(', ')}`, (year) =>
      BOX_FILL_EDITIONS.some((edition) => edition === year),
    ),
  boxIn3: number().moreThan(0).max(10_000).defined(),
  conductors: array(exact({ awg: awg(), count: count().defined(), role: one(CONDUCTOR_ROLES).defined() }))
    .max(MOST.groups)
    .defined(),
  canopy: one(['domed', 'flat']),
  clamps: one(['none', 'internal']),
  fittings: count(),
  terminalBlocks: count(),
  yokes: array(exact({ awg: awg() })).max(MOST.groups),
  grounds: exact({ count: count().defined(), awg: awg(), fromCanopy: count() }).optional(),
});
export type BoxFillRequest = ReturnType<typeof boxFillRequest.validateSync>;

const refuse = (path: string, message: string): never => {
  throw new ProblemError(422, `${path}: ${message}.`, [{ path, message }]);
};

/** A size that has an allowance. */
const sizeAt = (path: string, given: number): BoxFillAwg =>
  BOX_FILL_AWG.find((size) => size === given) ??
  refuse(path, `${given} AWG has no allowance: ${BOX_FILL_AWG.join(', ')} have`);

/** Answers a parsed request. @throws ProblemError 422 where a size has no allowance, or more grounds come from the canopy than there are */
export function answerBoxFill(request: BoxFillRequest): BoxFill {
  const { edition, boxIn3, conductors, canopy, clamps, fittings, terminalBlocks, yokes, grounds } = request;
  const fromCanopy = grounds?.fromCanopy ?? 0;
  if (grounds && fromCanopy > grounds.count) refuse('grounds.fromCanopy', 'is more than all grounds');
  return boxFill({
    edition: BOX_FILL_EDITIONS.find((one) => one === edition) ?? 2023,
    boxIn3,
    conductors: conductors.map((group, i) => ({ ...group, awg: sizeAt(`conductors[${i}].awg`, group.awg) })),
    canopy: canopy ?? 'flat',
    clamps: clamps ?? 'none',
    fittings: fittings ?? 0,
    terminalBlocks: terminalBlocks ?? 0,
    yokes: (yokes ?? []).map((yoke, i) => ({ awg: sizeAt(`yokes[${i}].awg`, yoke.awg) })),
    grounds: grounds
      ? { count: grounds.count, awg: sizeAt('grounds.awg', grounds.awg), fromCanopy }
      : { count: 0, awg: 14, fromCanopy: 0 },
  });
}
