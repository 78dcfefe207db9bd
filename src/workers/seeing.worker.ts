import { expose } from 'comlink';
import { proposeDoor } from '@/core/mount';
import { poseOfPicture } from '@/core/yard';

/** What of seeing takes longer than a page may stand still. */
const api = { poseOfPicture, proposeDoor };
export type SeeingWorker = typeof api;
expose(api);
