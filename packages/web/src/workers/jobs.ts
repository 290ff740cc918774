import type { AdviceAnswer, AdviceQuestion } from './jobs/advice';
import type { ChooserQuestion, ChooserRow } from './jobs/chooser';
import type { ContendersQuestion } from './jobs/contenders';
import type { CouponLookAnswer, CouponLookQuestion } from './jobs/coupon-look';
import type { CutsAnswer, CutsQuestion } from './jobs/cuts';
import type { FavouriteQuestion } from './jobs/favourite';
import type { FirstMachinesQuestion } from './jobs/first-machines';
import type { GradesAnswer, GradesQuestion } from './jobs/grades';
import type { LoadFieldAnswer, LoadFieldQuestion } from './jobs/load-field';
import type { LayVerdictsAnswer, LayVerdictsQuestion } from './jobs/lay-verdicts';
import type { LadderQuestion } from './jobs/ladder';
import type { LaysAnswer, LaysQuestion } from './jobs/lays';
import type { OpenQuestionsQuestion } from './jobs/open-questions';
import type { PlacedQuestion } from './jobs/placed';
import type { RelaxQuestion } from './jobs/relax';
import type { RobustnessQuestion } from './jobs/robustness';
import type { SettingsTradeAnswer, SettingsTradeQuestion } from './jobs/settings-trade';
import type { ShapeAnswer, ShapeQuestion } from './jobs/shape';
import type { Standing, StandingsQuestion } from './jobs/standings';
import type { UpgradesQuestion } from './jobs/upgrades';
import type { WarpFieldAnswer, WarpFieldQuestion } from './jobs/warp-field';
import type { WeatherAnswer } from './jobs/weather';
import type { YearAnswer, YearQuestion } from './jobs/year';
import type { PlacedTable } from '@hornblende/core/tables';
import type {
  FavouriteTip,
  FirstMachine,
  NothingFits,
  Provisional,
  WorkshopUpgradesResult,
} from '@hornblende/core/advice';
import type { Ladder } from '@hornblende/core/drills';
import type { GcodeReport } from '@hornblende/core/print';
import type { Robustness } from '@hornblende/core/score';

/** Every job of the compute worker: question and answer by name. */
export interface Jobs {
  advice: { question: AdviceQuestion; answer: AdviceAnswer };
  chooser: { question: ChooserQuestion; answer: ChooserRow[] };
  contenders: { question: ContendersQuestion; answer: string[] };
  couponLook: { question: CouponLookQuestion; answer: CouponLookAnswer };
  cuts: { question: CutsQuestion; answer: CutsAnswer };
  favourite: { question: FavouriteQuestion; answer: FavouriteTip | null };
  firstMachines: { question: FirstMachinesQuestion; answer: FirstMachine[] };
  gcode: { question: { bytes: Uint8Array }; answer: GcodeReport };
  grades: { question: GradesQuestion; answer: GradesAnswer };
  loadField: { question: LoadFieldQuestion; answer: LoadFieldAnswer };
  ladder: { question: LadderQuestion; answer: Ladder };
  lays: { question: LaysQuestion; answer: LaysAnswer };
  layVerdicts: { question: LayVerdictsQuestion; answer: LayVerdictsAnswer };
  openQuestions: { question: OpenQuestionsQuestion; answer: Provisional };
  placed: { question: PlacedQuestion; answer: PlacedTable };
  provisionals: { question: StandingsQuestion; answer: string[] };
  relax: { question: RelaxQuestion; answer: NothingFits };
  robustness: { question: RobustnessQuestion; answer: Robustness };
  settingsTrade: { question: SettingsTradeQuestion; answer: SettingsTradeAnswer };
  shape: { question: ShapeQuestion; answer: ShapeAnswer };
  standings: { question: StandingsQuestion; answer: Standing[] };
  upgrades: { question: UpgradesQuestion; answer: WorkshopUpgradesResult };
  warpField: { question: WarpFieldQuestion; answer: WarpFieldAnswer };
  weather: { question: File; answer: WeatherAnswer };
  year: { question: YearQuestion; answer: YearAnswer };
}

/** A job's name. */
export type JobName = keyof Jobs;
