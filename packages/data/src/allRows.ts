import type { AccessCodeRow, AccessNoteRow, CredentialRow, DeviceRow, SessionRow } from './access/accessRows.ts';
import type {
  AddressRow,
  BoxRow,
  BundleRow,
  CardRow,
  ChangeRow,
  EventRow,
  LabelRow,
  MaterialRow,
  ParcelRow,
  PersonRow,
  PhotoRow,
  PickupRow,
  PieceRow,
  PlanRow,
  SaleRow,
  ShopChangeRow,
  ShopRow,
  StockMoveRow,
  TemplateRow,
  WeighingRow,
} from './rows.ts';

/** Every table’s rows, by the name of its model. */
export interface AllRows {
  shop: ShopRow;
  shopChange: ShopChangeRow;
  stockMove: StockMoveRow;
  person: PersonRow;
  credential: CredentialRow;
  device: DeviceRow;
  session: SessionRow;
  accessCode: AccessCodeRow;
  accessNote: AccessNoteRow;
  sale: SaleRow;
  piece: PieceRow;
  parcel: ParcelRow;
  bundle: BundleRow;
  change: ChangeRow;
  event: EventRow;
  plan: PlanRow;
  weighing: WeighingRow;
  box: BoxRow;
  material: MaterialRow;
  card: CardRow;
  template: TemplateRow;
  photo: PhotoRow;
  label: LabelRow;
  address: AddressRow;
  pickup: PickupRow;
}
