import type { Option, Weighed } from '../core/planning/scenarios/compare';
import type { CutPlan, CutProblem } from '../core/estimating/cuts';
import type { FinishQuote } from '../core/estimating/finishes/quote-schema';
import type { EventBodyOf } from '../core/journal';
import type { WorkedOut } from '../core/estimating/calculators/takeoff-schema';
import type { Reading } from '../core/estimating/measuring';
import type { Result } from '../core/result';
import type { Delivery, Enquiry, Offer } from '../core/estimating/supplier';
import type { PlainDate, Ticks } from '../core/units';
import type { Fit } from '../core/planning/scenarios/fit/schema';
import type { WhatIf } from '../core/planning/scenarios/whatif/schema';
import type { QuotesAsked, SumAsked } from '../workers/planner';
import type { PlanningError } from '../workers/protocol';
import { askedOf } from './planning';
import type { Thunk } from './store';

/** Questions to the world outside. Nothing is kept by asking. */

/** Weighs options against the open house, off the main thread. */
export const weigh =
  (
    options: readonly Option[],
    signal: AbortSignal,
  ): Thunk<Promise<Result<Weighed[], PlanningError> | undefined>> =>
  (_dispatch, getState, outside) => {
    const asked = askedOf(getState());
    return asked ? outside.planner.compare(asked, options, signal) : Promise.resolve(undefined);
  };

/** What a change would do to the open house, off the main thread. */
export const tryChanges =
  (
    changes: readonly EventBodyOf[],
    signal: AbortSignal,
  ): Thunk<Promise<Result<WhatIf, PlanningError> | undefined>> =>
  (_dispatch, getState, outside) => {
    const asked = askedOf(getState());
    return asked ? outside.planner.whatIf(asked, changes, signal) : Promise.resolve(undefined);
  };

/** What it takes for a gate of the open house to be likely by a day, off the main thread. */
export const askWhatFits =
  (
    wish: Pick<Fit, 'gate' | 'by'>,
    signal: AbortSignal,
  ): Thunk<Promise<Result<Fit, PlanningError> | undefined>> =>
  (_dispatch, getState, outside) => {
    const asked = askedOf(getState());
    return asked ? outside.planner.fit(asked, wish, signal) : Promise.resolve(undefined);
  };

/** The cheapest boards, off the main thread. */
export const planTheCuts =
  (
    problem: CutProblem,
    signal: AbortSignal,
  ): Thunk<Promise<Result<CutPlan, PlanningError> | undefined>> =>
  (_dispatch, _getState, outside) =>
    outside.planner.cuts(problem, signal);

/** A calculator's answer, off the main thread. */
export const workOut =
  (
    asked: SumAsked,
    signal: AbortSignal,
  ): Thunk<Promise<Result<WorkedOut, PlanningError> | undefined>> =>
  (_dispatch, _getState, outside) =>
    outside.planner.sum(asked, signal);

/** What products would take in a slot of a room, off the main thread. */
export const askQuotes =
  (
    asked: QuotesAsked,
    signal: AbortSignal,
  ): Thunk<Promise<Result<FinishQuote[], PlanningError> | undefined>> =>
  (_dispatch, _getState, outside) =>
    outside.planner.quotes(asked, signal);

export const askShops =
  (enquiry: Enquiry): Thunk<Promise<Offer[]>> =>
  (_dispatch, _getState, outside) =>
    outside.supplier.offers(enquiry);

export const askWhereItIs =
  (orderId: string, promisedOn: PlainDate): Thunk<Promise<Delivery>> =>
  (_dispatch, _getState, outside) =>
    outside.supplier.delivery(orderId, promisedOn);

/** One reading of the measuring device; a lost signal is an answer like another. */
export const readLaser =
  (target: Ticks): Thunk<Promise<Reading>> =>
  (_dispatch, _getState, outside) =>
    outside.laser.measure(target);
