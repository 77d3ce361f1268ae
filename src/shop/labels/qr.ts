import QRCode from 'qrcode';

/** A QR code as its dark squares: `size` squares a side, row by row. */
export interface QrSquares {
  readonly size: number;
  readonly dark: readonly boolean[];
}

/** The code of a lot as squares: what a scanner reads is the code and nothing else. */
export function qrOf(code: string): QrSquares {
  const { modules } = QRCode.create(code, { errorCorrectionLevel: 'M' });
  const size = modules.size;
  return { size, dark: Array.from(modules.data, (value) => value === 1) };
}
