/** In a data folder: the number of the process that serves it. Nobody lays a copy over data that are in use. */
export const RUNNING_FILE = 'running';
