/** Whether a request comes from the shop's own pages or a script, not from another site in the same browser. */
export const sameSite = (request: Request): boolean =>
  [null, 'same-origin', 'none'].includes(request.headers.get('sec-fetch-site'));
