/** Largest launch file taken, bytes. */
export const UPLOAD_LIMIT_BYTES = 5 * 1024 * 1024;
