import { plainDay, pricesSchema, proposePrices, weatherSchema } from '@kobby/core';
import ICAL from 'ical.js';
import PostalMime from 'postal-mime';
import { afterEach, describe, expect, test } from 'vitest';
import { seededWeather } from '../standins/weather.ts';
import { startTestServer, type Caller, type TestServer } from '../testing/server.ts';

let server: TestServer;
let mara: Caller;
afterEach(() => server.stop());

const at = '2027-03-11T20:00:00.000Z';
const TEXT =
  'Dear families,\n\nwe fly kites — 6 of them. Could you send in:\n- 12 paper straws, by Thu 11 March';
const letter = {
  id: 'letter-kites',
  unitId: 'unit-kites',
  subject: 'Wind and Kites: Mon 8 March to Fri 19 March',
  text: TEXT,
  to: ['ada.family@example.org', 'bo.family@example.org'],
};

async function written(): Promise<void> {
  server = await startTestServer();
  mara = await server.provider();
  await mara.send([{ type: 'handover/put-letter', letter }]);
}
const send = (gestureId = 'send-letter-kites') =>
  mara.ask('POST', '/api/outbox', { kind: 'letter', gestureId, at, letterId: letter.id, version: 1 });

describe('the outbox', () => {
  test('writes a message file for each family, which another parser reads', async () => {
    await written();
    const { status, body } = await send();
    expect([status, body.entries.map(({ to }: { to: string }) => to)]).toEqual([200, letter.to]);
    for (const [i, to] of letter.to.entries()) {
      const file = await mara.ask('GET', `/api/outbox/letter-kites-${i + 1}.eml`);
      expect(file.type).toContain('message/rfc822');
      const mail = await PostalMime.parse(String(file.body));
      expect([mail.subject, mail.to?.map(({ address }) => address), mail.from?.name]).toEqual([
        letter.subject,
        [to],
        'Low Shelf House',
      ]);
      expect(mail.text?.trim().replaceAll('\r\n', '\n')).toBe(TEXT);
      expect(Date.parse(mail.date!)).toBe(Date.parse(at));
      expect(String(file.body)).not.toContain(letter.to[1 - i]);
    }
  });

  test('sends once, however often it is asked, and what was sent stays as it was', async () => {
    await written();
    await send();
    expect((await send()).body.entries).toHaveLength(2);
    const again = await send('send-letter-again');
    expect([again.status, again.body.errors[0].path]).toEqual([422, ['changes', 0, 'letterId']]);
    const changed = await mara.send([{ type: 'handover/put-letter', letter: { ...letter, text: 'Other' } }], {
      bases: { 'letters/letter-kites': 2 },
    });
    expect(changed.body.answers[0].problem.detail).toBe('This note was sent: write another one');
    expect(server.app.services.keeper.book.letters['letter-kites']?.text).toBe(TEXT);
  });

  test('says who is missing, and knows no other files', async () => {
    await written();
    await mara.send([{ type: 'handover/put-letter', letter: { ...letter, id: 'nobody', to: [] } }]);
    const reply = await mara.ask('POST', '/api/outbox', {
      ...{ kind: 'letter', gestureId: 'send-to-nobody', at, letterId: 'nobody', version: 1 },
    });
    expect(reply.body.detail).toBe('Nobody is named to whom it goes');
    for (const name of ['..%2Fkobby.sqlite', 'letter-kites-9.eml'])
      expect((await mara.ask('GET', `/api/outbox/${name}`)).status).toBe(404);
  });

  test('sends what is made ready as a calendar, with its times in the zone of the home', async () => {
    await written();
    const calendar = { kind: 'calendar', unitId: 'unit-kites', of: 'preparation', to: ['mara@example.org'] };
    const { status, body } = await mara.ask('POST', '/api/outbox', calendar);
    expect(status).toBe(200);
    const file = await mara.ask('GET', `/api/outbox/${body.entries[0].name}`);
    const mail = await PostalMime.parse(String(file.body));
    const [attached] = mail.attachments;
    expect([attached?.filename, attached?.mimeType]).toEqual(['preparation.ics', 'text/calendar']);
    const text = new TextDecoder().decode(attached!.content as ArrayBuffer);
    const events = new ICAL.Component(ICAL.parse(text) as never).getAllSubcomponents('vevent');
    expect(events.length).toBeGreaterThan(3);
    const summaries = events.map((one) => String(one.getFirstPropertyValue('summary')));
    expect(summaries.every((one) => one.length > 3)).toBe(true);
    const none = await mara.ask('POST', '/api/outbox', { ...calendar, unitId: 'unit-bridges', of: 'events' });
    expect([none.status, none.body.detail]).toEqual([422, 'There is nothing to put into this calendar yet.']);
    expect(
      (await mara.ask('POST', '/api/outbox', { ...calendar, to: ['nobody'] })).body.errors[0].path,
    ).toEqual(['to', 0]);
  });
});

describe('the made-up weather', () => {
  test('is the same for the same day, and well-formed on every one', async () => {
    server = await startTestServer();
    mara = await server.provider();
    const { days } = (await mara.ask('GET', '/api/weather')).body;
    expect(days[0].date).toBe('2027-03-11');
    expect(await seededWeather.forecast(plainDay('2027-03-11'), 10)).toEqual(days);
    const year = await seededWeather.forecast(plainDay('2027-01-01'), 365);
    for (const day of year) expect(weatherSchema.safeParse(day).success).toBe(true);
    expect(new Set(year.map(({ sky }) => sky)).size).toBeGreaterThan(2);
  });
});

describe('the made-up shop', () => {
  test('has offers that a cupboard can take', async () => {
    server = await startTestServer();
    mara = await server.provider();
    const { shop, offers } = pricesSchema.parse((await mara.ask('GET', '/api/prices')).body);
    expect(new Set(offers.map(({ name, pack }) => `${name} ${pack}`)).size).toBe(offers.length);
    const { book, today } = { book: server.app.services.keeper.book, today: plainDay('2027-03-11') };
    const { rows } = proposePrices(offers, shop, book, today);
    expect(rows.filter((row) => !row.ok)).toEqual([]);
    expect(rows.length).toBeGreaterThan(20);
  });
});
