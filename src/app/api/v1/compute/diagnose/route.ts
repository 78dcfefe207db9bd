import { answerDiagnose, diagnoseRequest } from '@/contract/diagnose';
import { parse } from '@/contract/parse';
import { BODY_LIMITS, readJson } from '@/server/http/body';
import { answer, route } from '@/server/http/route';

export const POST = route(async (request) =>
  answer(answerDiagnose(parse(diagnoseRequest, await readJson(request, BODY_LIMITS.compute)))),
);

export { notAllowed as GET, notAllowed as PUT, notAllowed as PATCH, notAllowed as DELETE } from '@/server/http/route';
