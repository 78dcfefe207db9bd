import { parse } from '@/contract/parse';
import { answerPose, poseRequest } from '@/contract/pose';
import { BODY_LIMITS, readJson } from '@/server/http/body';
import { answer, route } from '@/server/http/route';

export const POST = route(async (request) =>
  answer(answerPose(parse(poseRequest, await readJson(request, BODY_LIMITS.compute)))),
);

export { notAllowed as GET, notAllowed as PUT, notAllowed as PATCH, notAllowed as DELETE } from '@/server/http/route';
