import assert from 'node:assert/strict';
import { test } from 'node:test';
import { codingOf, decodeText, type Coding } from './text-coding';

test('a list is the same in every coding, with a byte-order mark and without', () => {
  const text = 'Surname,Forename,Class\r\nÉclair,Zoë,7 Amber\r\nO’Fell,Åse,7 Amber\r\n';
  const utf16 = (order: 'le' | 'be') => {
    const bytes = Buffer.from(text, 'utf16le');
    return order === 'le' ? bytes : bytes.swap16();
  };
  // Windows-1252 has the apostrophe of the names at 0x92 (WHATWG Encoding Standard, index windows-1252).
  const windows = Buffer.from(text.replace('’', '\x92'), 'latin1');
  const files: [Coding, Buffer][] = [
    ['utf-8', Buffer.from(text)],
    ['utf-8', Buffer.from(`\ufeff${text}`)],
    ['utf-16le', utf16('le')],
    ['utf-16le', Buffer.concat([Buffer.from([0xff, 0xfe]), utf16('le')])],
    ['utf-16be', utf16('be')],
    ['utf-16be', Buffer.concat([Buffer.from([0xfe, 0xff]), utf16('be')])],
    ['windows-1252', windows]
  ];
  for (const [coding, bytes] of files) {
    assert.equal(codingOf(bytes), coding);
    assert.equal(decodeText(bytes, coding), text, coding);
  }
});
