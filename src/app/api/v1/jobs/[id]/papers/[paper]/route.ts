import { PAPERS, paperQuery } from '@/contract/papers';
import { parse } from '@/contract/parse';
import { ProblemError } from '@/contract/problem';
import { route } from '@/server/http/route';
import { paperOf } from '@/server/papers/paperOf';
import { store } from '@/server/store';

export const GET = route(async (request, { id = '', paper: name = '' }) => {
  const paper = PAPERS.find((one) => one === name);
  if (!paper) throw new ProblemError(404, `There is no paper “${name.slice(0, 40)}”: ${PAPERS.join(', ')}.`);
  const query = Object.fromEntries(new URL(request.url).searchParams);
  const { size, labels, first } = parse(paperQuery, {
    ...query,
    ...(query.first === undefined ? {} : { first: Number(query.first) }),
  });
  const { title, bytes } = await paperOf(
    await store(),
    id,
    { paper, ...(size && { size }), ...(labels && { labels }), ...(first && { firstLabel: first }) },
    request.headers.get('host'),
  );
  const file = title.replace(/[^\w-]+/g, '-').slice(0, 60) || 'job';
  return new Response(new Uint8Array(bytes), {
    headers: {
      'content-type': 'application/pdf',
      'cache-control': 'no-store',
      'content-disposition': `inline; filename="${file}-${paper}.pdf"`,
    },
  });
});

export { notAllowed as POST, notAllowed as PUT, notAllowed as PATCH, notAllowed as DELETE } from '@/server/http/route';
