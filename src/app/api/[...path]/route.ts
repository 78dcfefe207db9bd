// Whatever is asked below /api and is no route: told as every other refusal, not by a page.
export {
  notThere as GET,
  notThere as POST,
  notThere as PUT,
  notThere as PATCH,
  notThere as DELETE,
} from '@/server/http/route';
