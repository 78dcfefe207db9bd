import { answerAdvice } from '@/contract/advice';
import { adviceRequest } from '@/contract/adviceRequest';
import { parse } from '@/contract/parse';
import { BODY_LIMITS, readJson } from '@/server/http/body';
import { answer, route } from '@/server/http/route';

export const POST = route(async (request) =>
  answer(answerAdvice(parse(adviceRequest, await readJson(request, BODY_LIMITS.compute)))),
);
