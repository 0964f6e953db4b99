import createClient, { createQuerySerializer, type Middleware } from 'openapi-fetch';
import { disk } from '../disk.svelte';
import { say } from '../messages';
import type { components, paths } from './schema';

type Schemas = components['schemas'];
export type PackFile = Schemas['PackFile'];
export type Layer = Schemas['Pack_layer'];
export type CushionLayer = Schemas['Pack_cushion'];
export type BoxLayer = Schemas['Pack_box'];
export type WrapLayer = Schemas['Pack_wrap'];
export type Evaluation = Schemas['EvaluationView'];
export type Check = Schemas['CheckView'];
export type Drop = Schemas['DropView'];
export type Solid = Schemas['SolidView'];
export type Sides = Schemas['SidesView'];
export type CurveData = Schemas['CurveView'];
export type Catalogue = Schemas['CatalogueView'];
export type Lists = Schemas['ListsView'];
export type BoardsLayer = Schemas['Pack_boards'];
export type BlankPiece = Schemas['BlankView'];
export type Quotes = Schemas['QuotesView'];
export type CartonSizes = Schemas['CartonSizesView'];
export type CaseParts = Schemas['CaseView'];
export type PieceWay = Schemas['PieceWayView'];
export type SetPlan = Schemas['SetPlanView'];
export type Clearance = Schemas['ClearanceView'];
export type BoardChoice = Schemas['BoardChoiceView'];
export type Joined = Schemas['JoinedView'];
export type CartonCut = Schemas['CartonCutView'];
export type Reached = Schemas['ReachedView'];
export type BedCut = Schemas['BedView'];
export type Making = Schemas['InsertView'];
export type Way = Schemas['WayView'];
export type CutPiece = Schemas['CutPieceView'];
export type PickedSheet = Schemas['PickedSheetView'];
export type ReadOutlines = Schemas['OutlinesView'];
export type BroughtOutline = Schemas['OutlineView'];
export type BedBeginning = Schemas['BedBeginningView'];
export type CutterPlay = Schemas['CutterPlayView'];
export type Kit = Schemas['KitView'];
export type KitPiece = Schemas['KitPieceAsked'];
export type LaidFlat = Schemas['LaidFlatView'];
export type Silhouette = Schemas['SilhouetteView'];
export type MeasuredShape = Schemas['ShapeAsked'];
export type SheetPlan = Schemas['SheetPlanView'];
export type HotCutting = Schemas['HotCuttingView'];
export type PaperView = Schemas['PaperView'];
export type PaperTable = Schemas['TableView'];
export type PaperDrawings = Schemas['DrawingsView'];
export type PaperDrawing = Schemas['DrawingView'];
export type PaperStep = Schemas['PaperStepView'];
export type PackStep = Schemas['PackStepView'];
export type PackSteps = Schemas['PackStepsView'];
export type Release = Schemas['ReleaseView'];
export type PaperWays = Schemas['PaperWaysView'];
export type Packing = Schemas['PackingView'];
export type PackingCard = Schemas['PackingCard'];
export type TableStep = Schemas['TableStepView'];
export type TableAct = Schemas['TableAct'];
export type Consignment = Schemas['ConsignmentView'];
export type Returns = Schemas['ReturnsView'];
export type Choice = Schemas['Choice'];
export type Status = Check['status'];
export type Card = Schemas['Card'];
export type Stale = Schemas['StaleView'];
export type Beginnings = Schemas['Beginnings'];
export type CarrierLine = Schemas['CarrierLineView'];
export type FirstWalls = Schemas['FirstWallsView'];
export type CutList = Schemas['CutListView'];
export type Remedy = Schemas['RemedyView'];
export type Report = Schemas['ReportView'];
export type HouseWays = Schemas['HouseWays'];
export type Member = Schemas['Member'];
export type Visit = Schemas['VisitView'];
export type HouseEvent = Schemas['EventView'];
export type Stores = Schemas['StoresView'];
export type StockCarton = Schemas['CartonView'];
export type Fit = Schemas['FitView'];
export type CushionCurve = Schemas['CushionCurveView'];
export type Simulation = Schemas['SimulationView'];
export type Moment = Schemas['MomentView'];
export type Proposals = Schemas['ProposalsView'];
export type Proposal = Schemas['ProposalView'];
export type ProposalLine = Schemas['ProposalLine'];
export type ProposalLimits = Schemas['LimitsGiven'];
export type Sensitivity = Schemas['SensitivityView'];
export type Price = Schemas['PriceView'];
export type FoamTests = Schemas['FoamTestsView'];
export type TestTables = Schemas['TestTables'];
export type MaterialVersion = Schemas['MaterialVersion'];
export type StoreDifference = Schemas['DifferenceView'];
export type Orientation = Schemas['OrientationView'];
export type JourneyChoice = Schemas['JourneyChoice'];
/** A material of the house; its document is that of a pack file. */
export type OwnMaterial = Omit<Schemas['MaterialView'], 'document'> & { document: Record<string, unknown> };
export type Comparison = Schemas['ComparisonView'];
export type Photograph = Schemas['PhotographView'];
export type Person = Schemas['Person'];
export type SessionInfo = Schemas['SessionView'];
export type RevisionInfo = Schemas['RevisionInfo'];

/** One thing that is wrong with a field, as the server says it. */
export interface FieldProblem {
  path: string;
  message: string;
}

/** An answer that is not a success: RFC 9457. */
export interface Problem {
  status: number;
  detail: string;
  errors?: FieldProblem[];
}

function csrfToken(): string {
  // Over TLS its name says that this host alone has set it.
  const cookie = document.cookie.split('; ').find((c) => /^(__Host-)?XSRF-TOKEN=/.test(c));
  return cookie ? decodeURIComponent(cookie.slice(cookie.indexOf('=') + 1)) : '';
}

/** Signing in or out clears the cookie; any reading call brings a new one. */
async function freshToken(): Promise<string> {
  if (!csrfToken()) {
    await fetch('/api/session');
  }
  return csrfToken();
}

const changing = new Set(['POST', 'PUT', 'PATCH', 'DELETE']);
const token: Middleware = {
  async onRequest({ request }) {
    if (changing.has(request.method)) {
      request.headers.set('X-XSRF-TOKEN', await freshToken());
    }
    return request;
  }
};

/** Every answer says so while the disk of the house is full. */
const room: Middleware = {
  onResponse({ response }) {
    disk.full = response.headers.get('Rampart-Disk') === 'full';
  }
};

/** How answers are to be worded; set once the ways of the house are known. */
let ways: () => HouseWays | null = () => null;

/** Sentences and quantities come in these ways from now on. */
export function speakIn(now: () => HouseWays): void {
  ways = now;
}

/** The wording that is asked for, as parameters of the address. */
function asked(): Record<string, string> {
  const now = ways();
  return now ? { units: now.lengthUnit, masses: now.massUnit, decimal: now.numbers } : {};
}

const written = createQuerySerializer();

/** Every call asks in the ways of the house; one that asks in its own units names them itself. */
export const api = createClient<paths>({
  baseUrl: '',
  querySerializer: (query) => written('units' in query ? query : { ...asked(), ...query })
});
api.use(token);
api.use(room);

/** Sends a file as it is: the server says what is wrong with it. Null where it was taken. */
export async function send(path: string, type: string, body: Blob): Promise<Problem | null> {
  return (await sendFor<unknown>(path, type, body)).problem;
}

/** The same, for who wants to read the answer. */
export async function sendFor<T>(
  path: string,
  type: string,
  body: Blob
): Promise<{ data: T; problem: null } | { data: null; problem: Problem }> {
  try {
    const response = await fetch(path, {
      method: 'POST',
      headers: { 'Content-Type': type, 'X-XSRF-TOKEN': await freshToken() },
      body
    });
    const answer: unknown = await response.json().catch(() => undefined);
    return response.ok ? { data: answer as T, problem: null } : { data: null, problem: problemOf(answer, response) };
  } catch {
    return { data: null, problem: problemOf(undefined) };
  }
}

/** Asks with a JSON body for a file of any kind. */
export async function fetchAs(
  path: string,
  body: unknown
): Promise<{ blob: Blob; problem: null } | { blob: null; problem: Problem }> {
  try {
    const response = await fetch(`${path}?${written(asked())}`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json', 'X-XSRF-TOKEN': await freshToken() },
      body: JSON.stringify(body)
    });
    return response.ok
      ? { blob: await response.blob(), problem: null }
      : { blob: null, problem: problemOf(await response.json().catch(() => undefined), response) };
  } catch {
    return { blob: null, problem: problemOf(undefined) };
  }
}

/** The server's words for a failed call; our own where it could not be reached. */
/** What is wrong, in one line: each field's own words where there are any. */
export function words(problem: Problem): string {
  return problem.errors?.length ? problem.errors.map((e) => e.message).join('; ') : problem.detail;
}

export function problemOf(error: unknown, response?: Response): Problem {
  const told = error as Partial<Problem> | undefined;
  if (told && typeof told.detail === 'string') {
    return { status: told.status ?? response?.status ?? 0, detail: told.detail, errors: told.errors };
  }
  return { status: response?.status ?? 0, detail: say('noAnswer') };
}

/** A call that never throws: a network failure is a problem like any other. */
export async function call<T>(
  request: Promise<{ data?: T; error?: unknown; response: Response }>
): Promise<
  { data: T; problem?: undefined; error?: undefined } | { data?: undefined; problem: Problem; error: unknown }
> {
  try {
    const { data, error, response } = await request;
    if (response.ok) {
      return { data: data as T };
    }
    return { problem: problemOf(error, response), error };
  } catch (failure) {
    return { problem: problemOf(undefined), error: failure };
  }
}

/**
 * Sends a request whose answer comes in lines, each a JSON value, and hands over each as it arrives. Aborting the signal
 * closes the connection, which stops the work. Null where it went through or was stopped.
 */
export async function lines<T>(
  path: string,
  body: unknown,
  signal: AbortSignal,
  take: (line: T) => void
): Promise<Problem | null> {
  try {
    const response = await fetch(`${path}?${written(asked())}`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json', 'X-XSRF-TOKEN': await freshToken() },
      body: JSON.stringify(body),
      signal
    });
    if (!response.ok || !response.body) {
      return problemOf(await response.json().catch(() => undefined), response);
    }
    const reader = response.body.pipeThrough(new TextDecoderStream()).getReader();
    let rest = '';
    for (;;) {
      const { done, value } = await reader.read();
      if (done) {
        return null;
      }
      const parts = (rest + value).split('\n');
      rest = parts.pop()!;
      parts.filter((part) => part !== '').forEach((part) => take(JSON.parse(part) as T));
    }
  } catch {
    return signal.aborted ? null : problemOf(undefined);
  }
}
