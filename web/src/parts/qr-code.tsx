import QRCode from 'qrcode';
import { useEffect, useState, type ReactNode } from 'react';

/**
 * A text as a square code for a phone's camera, dark on light in both themes so that every camera reads it.
 *
 * @example <QrCode text="http://192.168.1.4:4310/" label="Opens the session" />
 */
export function QrCode({ text, label, px = 220 }: { text: string; label: string; px?: number }): ReactNode {
  const [source, setSource] = useState<string | null>(null);
  useEffect(() => {
    let over = false;
    QRCode.toDataURL(text, { margin: 2, width: px * 2, errorCorrectionLevel: 'M' }).then(
      (url) => {
        if (!over) setSource(url);
      },
      () => setSource(null),
    );
    return () => {
      over = true;
    };
  }, [text, px]);
  return source && <img src={source} alt={label} width={px} height={px} />;
}
