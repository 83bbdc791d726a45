import { strToU8 } from 'fflate';
import { EXTRAS, type Encoding } from './decode.ts';

const marks: Record<Encoding, readonly number[]> = {
  'utf-8': [0xef, 0xbb, 0xbf],
  'utf-16le': [0xff, 0xfe],
  'utf-16be': [0xfe, 0xff],
  'windows-1252': [],
};

/** The byte-order mark that bytes of this encoding begin with; nothing where they have none. */
export function markOf(bytes: Uint8Array, encoding: Encoding): Uint8Array {
  const own = marks[encoding];
  return own.every((byte, i) => bytes[i] === byte) ? bytes.slice(0, own.length) : new Uint8Array();
}

function utf16(text: string, isLittle: boolean): Uint8Array {
  const bytes = new Uint8Array(text.length * 2);
  const view = new DataView(bytes.buffer);
  for (let i = 0; i < text.length; i++) view.setUint16(2 * i, text.charCodeAt(i), isLittle);
  return bytes;
}

const windows1252 = (text: string): Uint8Array =>
  Uint8Array.from(text, (sign) => {
    const code = sign.charCodeAt(0);
    if (code < 0x80 || (code >= 0xa0 && code <= 0xff)) return code;
    const extra = EXTRAS.indexOf(sign);
    return extra < 0 ? 0x3f : 0x80 + extra;
  });

/** Bytes of a text behind a byte-order mark: what `decode` read. What Windows-1252 lacks becomes a question mark. */
export function encode(text: string, encoding: Encoding, mark: Uint8Array): Uint8Array {
  const body =
    encoding === 'utf-8'
      ? strToU8(text)
      : encoding === 'windows-1252'
        ? windows1252(text)
        : utf16(text, encoding === 'utf-16le');
  const whole = new Uint8Array(mark.length + body.length);
  whole.set(mark);
  whole.set(body, mark.length);
  return whole;
}
