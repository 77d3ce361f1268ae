import { tr } from '@/words/tr';
import { shopContext } from '@/server/context';
import { sharedCertificate } from '@/server/ways-in/certificate';

/** The public half of the certificate, for devices that are to trust it. */
export function GET(): Response {
  const cert = sharedCertificate(shopContext());
  if (cert === null) return new Response(tr`There is no certificate yet.`, { status: 404 });
  return new Response(cert, {
    headers: {
      'Content-Type': 'application/x-x509-ca-cert',
      'Content-Disposition': 'attachment; filename="olvik.crt"',
      'Cache-Control': 'no-store',
    },
  });
}
