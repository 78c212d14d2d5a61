import type { components } from './schema';

/**
 * Shapes the server answers with, made from the contract (docs/openapi.json, itself made from the code; `bin/openapi && npm run api`). Masses in
 * g, temperatures in °C, fractions in g per 100 g, money in minor units. Nothing here is kept by hand.
 */
type Shapes = components['schemas'];

export type Job = Shapes['Job'];
export type FormulaLine = Shapes['FormulaLine'];
export type FormulaLayer = Shapes['FormulaLayer'];
export type Formula = Shapes['Formula'];
export type SetReading = Shapes['SetReading'];
export type LineReading = Shapes['LineReading'];
export type Cooling = Shapes['Cooling'];
export type LayerReading = Shapes['LayerReading'];
export type Facts = Shapes['Facts'];
export type DietVerdict = Shapes['DietVerdict'];
export type Reading = Shapes['Reading'];
export type SectionShape = Shapes['SectionShape'];
export type TreatmentChoice = Shapes['TreatmentChoice'];
export type Side = Shapes['Side'];
export type Beside = Shapes['Beside'];
export type PreparationInput = Shapes['PreparationInput'];
export type Inference = Shapes['Inference'];
export type TextReading = Shapes['TextReading'];
export type Candidate = Shapes['Candidate'];
export type Warning = Shapes['Warning'];
export type Rail = Shapes['Rail'];
export type Aims = Shapes['Aims'];
export type Brief = Shapes['Brief'];
export type Answer = Shapes['Answer'];
export type SchoolAtWork = Shapes['SchoolAtWork'];
export type SchoolQuestion = Shapes['SchoolQuestion'];
export type Comparison = Shapes['Comparison'];
export type RevisionComparison = Shapes['RevisionComparison'];
export type Change = Shapes['Change'];
export type Trial = Shapes['Trial'];
export type Removed = Shapes['Removed'];
export type Lot = Shapes['Lot'];
export type LotUsed = Shapes['LotUsed'];
export type MadeOfLot = Shapes['MadeOfLot'];
export type RevisionEntry = Shapes['RevisionEntry'];
export type BenchData = Shapes['BenchData'];
export type Blocked = Shapes['Blocked'];
export type Debt = Shapes['Debt'];
export type Route = Shapes['Route'];
export type DishSummary = Shapes['DishSummary'];
export type Health = Shapes['Health'];
export type Session = Shapes['Session'];
export type OpenSession = Shapes['OpenSession'];
export type Person = Shapes['Person'];
export type MadeLink = Shapes['MadeLink'];
export type LinkFor = Shapes['LinkFor'];
export type Token = Shapes['Token'];
export type MadeToken = Shapes['MadeToken'];
export type AuditPage = Shapes['AuditPage'];
export type Errand = Shapes['Errand'];
export type Payments = Shapes['Payments'];
export type Payment = Payments[string][number];
export type Studio = Shapes['Studio'];
export type Waiting = Shapes['Waiting'];
export type Card = Shapes['Card'];
export type Notebook = Shapes['Notebook'];
export type Mark = Shapes['Mark'];
export type TraceStep = Shapes['TraceStep'];
export type ReadingChanges = Shapes['ReadingChanges'];
export type ShelfEntry = Shapes['ShelfEntry'];
export type Sourced = Shapes['Sourced'];
export type Curve = Shapes['Curve'];
export type Evidence = Shapes['Evidence'];
export type ShelfIngredient = Shapes['ShelfIngredient'];
export type Packet = Shapes['Packet'];
export type PacketCheck = Shapes['PacketCheck'];

export type Diet = Brief['diets'][number];
export type Family = Formula['family'];
export type Measures = Formula['measures'];
