/** A PDF file that is shown, and called so when it is kept. */
export function pdfReply(pdf: Uint8Array, name: string): Response {
  return new Response(new Uint8Array(pdf), {
    headers: {
      'content-type': 'application/pdf',
      'content-disposition': `inline; filename*=UTF-8''${encodeURIComponent(`${name}.pdf`)}`,
      'cache-control': 'no-store'
    }
  });
}
