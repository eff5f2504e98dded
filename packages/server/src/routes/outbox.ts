import {
  calendarFile,
  CALENDARS,
  eventEntries,
  forOthers,
  homeOf,
  preparationEntries,
  read,
  sendRequestSchema,
  type Actor,
  type Letter,
} from '@kobby/core';
import type { Context } from 'koa';
import type { z } from 'zod';
import { newSecret } from '../access/secrets.ts';
import { fail, ProblemError, readBy } from '../problems.ts';
import type { OutgoingMessage } from '../standins/outbox.ts';
import { requireProvider } from './door.ts';
import type { Services } from './services.ts';

// The home has no address of its own here: nothing leaves the machine.
const HOME_ADDRESS = 'home@kobby.invalid';

type Wanted = z.output<typeof sendRequestSchema>;

export async function sendOut(ctx: Context, services: Services): Promise<void> {
  const me = await requireProvider(ctx, services);
  const wanted = readBy(sendRequestSchema, ctx.request.body);
  if (wanted.kind === 'letter') await sendLetter(wanted, me, services);
  else await sendCalendar(wanted, services);
  ctx.body = { entries: await services.outbox.entries() };
}

async function sendLetter(
  { gestureId, at, letterId, version }: Extract<Wanted, { kind: 'letter' }>,
  me: Actor,
  { keeper, outbox }: Services,
): Promise<void> {
  const letter = keeper.book.letters[letterId];
  const bases = { [`letters/${letterId}`]: version };
  const gesture = { id: gestureId, at, changes: [{ type: 'handover/sent', letterId }], bases };
  const answer = await keeper.keep(gesture, me, {
    alongside: (trx) => outbox.send(trx, messagesOf(letter!, homeOf(keeper.book).name, at)),
  });
  if (answer.outcome === 'not-kept') throw new ProblemError(answer.problem);
}

// Each family gets a message of its own and sees no other address.
const messagesOf = ({ id, to, subject, text }: Letter, homeName: string, at: string): OutgoingMessage[] =>
  to.map((address, i) => ({
    name: `${id}-${i + 1}`,
    from: { name: homeName, address: HOME_ADDRESS },
    to: address,
    subject,
    text,
    at,
  }));

async function sendCalendar(
  { unitId, of, to }: Extract<Wanted, { kind: 'calendar' }>,
  { keeper, clock, outbox, knex }: Services,
): Promise<void> {
  const { book } = keeper;
  if (!book.units[unitId])
    throw fail('refused', 'There is no such unit any more.', [
      { path: ['unitId'], message: 'There is no such unit any more' },
    ]);
  const reading = read(forOthers(book), unitId, clock.today());
  const entries = of === 'events' ? eventEntries(reading) : preparationEntries(reading);
  if (entries.length === 0) throw fail('refused', 'There is nothing to put into this calendar yet.');
  const { home, unit } = reading.frame;
  const title = `${CALENDARS[of]}: ${unit.title}`;
  const content = calendarFile(title, entries, { zone: home.zone, stamp: clock.now() });
  const base = newSecret().slice(0, 12);
  await outbox.send(
    knex,
    to.map((address, i) => ({
      name: `calendar-${base}-${i + 1}`,
      from: { name: home.name, address: HOME_ADDRESS },
      to: address,
      subject: title,
      text: `The calendar comes with this message: ${entries.length} ${entries.length === 1 ? 'entry' : 'entries'}.`,
      calendar: { fileName: `${of}.ics`, content },
      at: new Date(clock.now()).toISOString(),
    })),
  );
}

export async function showOutbox(ctx: Context, services: Services): Promise<void> {
  await requireProvider(ctx, services);
  ctx.body = { entries: await services.outbox.entries() };
}

export async function showMessage(
  ctx: Context,
  services: Services,
  params: Record<string, string>,
): Promise<void> {
  await requireProvider(ctx, services);
  const content = await services.outbox.file(params.name!);
  if (!content) throw fail('not-found', 'There is no such message.');
  ctx.type = 'message/rfc822';
  ctx.set('Content-Disposition', `attachment; filename*=UTF-8''${encodeURIComponent(params.name!)}`);
  ctx.body = content;
}

// As far as a forecast can be trusted at all.
const FORECAST_DAYS = 10;

export async function showWeather(ctx: Context, services: Services): Promise<void> {
  await requireProvider(ctx, services);
  ctx.body = { days: await services.weather.forecast(services.clock.today(), FORECAST_DAYS) };
}

export async function showPrices(ctx: Context, services: Services): Promise<void> {
  await requireProvider(ctx, services);
  const { prices } = services;
  ctx.body = { shop: prices.shop, offers: await prices.offers() };
}
