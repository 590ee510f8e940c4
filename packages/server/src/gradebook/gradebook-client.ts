/** Speaks with a gradebook: puts results by their ids, so that the same put twice is there once, and reads what is there. */
import { Config } from '../config/config.js';
import { Injectable, type OnModuleDestroy } from '@nestjs/common';
import { startStandIn, type StandIn, type StandInResult } from './stand-in.js';

/** Milliseconds an answer may take. */
const patience = 8_000;
/** Bytes of an answer read at most. */
const longest = 2_000_000;

/** The gradebook cannot be reached, or cannot take anything now: worth trying again. */
export class GradebookAway extends Error {}

/** What became of one put. */
export type Put = { readonly taken: true } | { readonly taken: false; readonly reason: string };

@Injectable()
export class GradebookClient implements OnModuleDestroy {
  private standing: Promise<StandIn> | undefined;

  constructor(private readonly config: Config) {}

  /** The gradebook that ships: where demo data are shown and no other is set up. */
  standIn(): Promise<StandIn> | undefined {
    if (this.config.KIVEX_GRADEBOOK_URL || !this.config.KIVEX_DEMO) return undefined;
    this.standing ??= startStandIn();
    return this.standing;
  }

  async onModuleDestroy(): Promise<void> {
    await (await this.standing)?.close();
  }

  /** Is there any gradebook? */
  get isSetUp(): boolean {
    return Boolean(this.config.KIVEX_GRADEBOOK_URL) || this.config.KIVEX_DEMO;
  }

  /** Where marks go; undefined where none is set up. */
  async address(): Promise<string | undefined> {
    return this.config.KIVEX_GRADEBOOK_URL ?? (await this.standIn())?.url;
  }

  /** The lesson as a line item. @throws GradebookAway */
  async putLineItem(item: {
    readonly sourcedId: string;
    readonly title: string;
    readonly assignDate: string;
    readonly resultValueMax: number;
  }): Promise<Put> {
    return this.put('lineItems', item.sourcedId, item);
  }

  /** One student's result. @throws GradebookAway */
  putResult(result: StandInResult): Promise<Put> {
    return this.put('results', result.sourcedId, result);
  }

  /** Scores that stand in the gradebook for a line item, by the ids of the results. @throws GradebookAway */
  async scores(lineItem: string): Promise<ReadonlyMap<string, number>> {
    const response = await this.ask(`results?lineItemSourcedId=${encodeURIComponent(lineItem)}`, {});
    if (!response.ok) throw new GradebookAway(`The gradebook answered ${response.status}.`);
    const text = await response.text().catch(() => '');
    const { results } = read(text) as { results?: unknown };
    if (!Array.isArray(results)) throw new GradebookAway('What the gradebook answered cannot be read.');
    return new Map(
      results.flatMap((r: Partial<StandInResult>) =>
        typeof r?.sourcedId === 'string' && typeof r.score === 'number' && Number.isFinite(r.score)
          ? [[r.sourcedId, r.score] as const]
          : [],
      ),
    );
  }

  private async put(table: string, id: string, body: object): Promise<Put> {
    const response = await this.ask(`${table}/${encodeURIComponent(id)}`, {
      method: 'PUT',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    });
    const text = await response.text().catch(() => '');
    if (response.ok) return { taken: true };
    if (response.status === 401 || response.status === 403)
      throw new GradebookAway(
        'The gradebook does not let Kivex in: whoever runs this server looks at KIVEX_GRADEBOOK_TOKEN.',
      );
    if (response.status >= 500 || response.status === 408 || response.status === 429)
      throw new GradebookAway(`The gradebook answered ${response.status}.`);
    const { reason } = read(text) as { reason?: unknown };
    return {
      taken: false,
      reason: (typeof reason === 'string' && reason.trim()
        ? reason.trim()
        : `The gradebook answered ${response.status}.`
      ).slice(0, 300),
    };
  }

  private async ask(path: string, init: RequestInit): Promise<Response> {
    const address = await this.address();
    if (address === undefined) throw new GradebookAway('No gradebook is set up.');
    const token = this.config.KIVEX_GRADEBOOK_TOKEN;
    try {
      return await fetch(`${address.replace(/\/$/, '')}/${path}`, {
        ...init,
        headers: { ...init.headers, ...(token ? { authorization: `Bearer ${token}` } : {}) },
        // Somewhere else is not where the school's marks were meant to go.
        redirect: 'error',
        signal: AbortSignal.timeout(patience),
      });
    } catch (error) {
      throw new GradebookAway(
        (error as Error).name === 'TimeoutError'
          ? `The gradebook did not answer within ${patience / 1000} s.`
          : 'The gradebook cannot be reached.',
      );
    }
  }
}

/** JSON of an answer; nothing where it is none or too long. */
function read(text: string): object {
  if (text.length > longest) return {};
  try {
    const value: unknown = JSON.parse(text);
    return typeof value === 'object' && value !== null ? value : {};
  } catch {
    return {};
  }
}
