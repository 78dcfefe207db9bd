import { answerAdvice } from '@/contract/advice';
import { adviceRequest } from '@/contract/adviceRequest';
import { DEFAULT_REGION } from '@/core/region';
import { inWords, sayIn } from '@/words';
import { parse } from '@/contract/parse';
import { BODY_LIMITS, readJson } from '@/server/http/body';
import { answer, route } from '@/server/http/route';

// Whoever asks names no place: the words are those of the default region
const SAY = sayIn({ region: DEFAULT_REGION, lengths: DEFAULT_REGION.lengths });

export const POST = route(async (request) =>
  answer(inWords(answerAdvice(parse(adviceRequest, await readJson(request, BODY_LIMITS.compute))), SAY)),
);

export { notAllowed as GET, notAllowed as PUT, notAllowed as PATCH, notAllowed as DELETE } from '@/server/http/route';
