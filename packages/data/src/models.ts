import { DataTypes, type Model, type ModelStatic, type Sequelize } from 'sequelize';
import { id, shopId, text, maybeText, whole, json, maybeJson, instant, day, maybeUuid, decimal } from './columns.ts';
import type {
  ShopRow,
  ShopChangeRow,
  PersonRow,
  SaleRow,
  PieceRow,
  ParcelRow,
  ChangeRow,
  EventRow,
  PlanRow,
  WeighingRow,
  BoxRow,
  BundleRow,
  MaterialRow,
  CardRow,
  TemplateRow,
  PhotoRow,
  LabelRow,
  AddressRow,
  PickupRow,
} from './rows.ts';

type Rows = {
  shop: ShopRow;
  shopChange: ShopChangeRow;
  person: PersonRow;
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
};
export type Models = { readonly [Name in keyof Rows]: ModelStatic<Model<Rows[Name], Rows[Name]> & Rows[Name]> };

/** The tables as Sequelize knows them; the migrations own their definition. */
export function defineModels(sequelize: Sequelize): Models {
  // Sequelize writes into a column's description, so each column gets its own copy
  const own = (columns: Parameters<Sequelize['define']>[1]) =>
    Object.fromEntries(
      Object.entries(columns).map(([name, column]) => [name, typeof column === 'object' ? { ...column } : column]),
    ) as typeof columns;
  const define = (name: string, table: string, columns: Parameters<Sequelize['define']>[1]) =>
    sequelize.define(name, own(columns), { tableName: table, underscored: true, timestamps: false }) as never;
  return {
    shop: define('shop', 'shop', {
      id,
      name: text,
      zone: text,
      currency: text,
      originPostcode: text,
      lastCutOff: text,
      paper: DataTypes.TEXT,
      house: json,
      tapes: json,
      demo: DataTypes.BOOLEAN,
      loading: { type: DataTypes.BOOLEAN, defaultValue: false },
      revision: DataTypes.INTEGER,
      marks: DataTypes.JSONB,
    }),
    shopChange: define('shopChange', 'shop_change', {
      id,
      seq: { type: DataTypes.BIGINT, autoIncrement: true, autoIncrementIdentity: true },
      shopId,
      path: text,
      before: maybeJson,
      after: maybeJson,
      personId: shopId,
      at: instant,
    }),
    person: define('person', 'person', { id, shopId, name: text, system: text, position: whole }),
    sale: define('sale', 'sale', {
      id,
      shopId,
      buyer: maybeText,
      destinationPostcode: text,
      soldMinor: whole,
      paidMinor: whole,
      shippingCollectedMinor: whole,
      shipBy: day,
      fields: json,
    }),
    piece: define('piece', 'piece', {
      id,
      shopId,
      saleId: shopId,
      title: text,
      count: whole,
      archetype: text,
      bin: maybeText,
      lengthIn: decimal('lengthIn', true),
      widthIn: decimal('widthIn', true),
      heightIn: decimal('heightIn', true),
      weightLb: decimal('weightLb', true),
      fields: json,
    }),
    parcel: define('parcel', 'parcel', {
      id,
      shopId,
      saleId: shopId,
      code: text,
      state: text,
      revision: whole,
      nest: json,
      planId: maybeUuid,
      together: maybeUuid,
      createdAt: DataTypes.DATE,
    }),
    bundle: define('bundle', 'bundle', { id, shopId, parcelId: maybeUuid, pieceId: shopId, position: whole }),
    change: define('change', 'field_change', {
      id,
      seq: { type: DataTypes.BIGINT, autoIncrement: true, autoIncrementIdentity: true },
      shopId,
      parcelId: shopId,
      entity: text,
      about: shopId,
      path: text,
      before: maybeJson,
      after: maybeJson,
      personId: shopId,
      at: instant,
      undoOf: maybeUuid,
      undone: DataTypes.BOOLEAN,
    }),
    event: define('event', 'life_event', {
      id,
      shopId,
      parcelId: shopId,
      seq: whole,
      at: instant,
      personId: shopId,
      kind: text,
      body: json,
      undoOf: maybeUuid,
      bundleId: maybeUuid,
      pieceId: maybeUuid,
      afterChange: { type: DataTypes.INTEGER, allowNull: true },
    }),
    plan: define('plan', 'plan', {
      id,
      shopId,
      parcelId: shopId,
      number: whole,
      personId: shopId,
      at: instant,
      document: json,
      house: json,
      stock: json,
      cards: json,
    }),
    weighing: define('weighing', 'weighing', {
      id,
      shopId,
      parcelId: shopId,
      readingsLb: json,
      weightLb: decimal('weightLb', false),
      outsideIn: maybeJson,
    }),
    box: define('box', 'box', { id, shopId, key: text, name: text, position: whole, onHand: whole, properties: json }),
    material: define('material', 'material', {
      id,
      shopId,
      kind: text,
      key: text,
      name: text,
      position: whole,
      onHand: decimal('onHand', false),
      properties: json,
    }),
    template: define('template', 'template', {
      id,
      shopId,
      name: text,
      piece: json,
      choice: json,
      locks: json,
      personId: { ...id, primaryKey: false },
      at: instant,
    }),
    photo: define('photo', 'photo', {
      id,
      shopId,
      parcelId: shopId,
      of: text,
      pieceId: maybeUuid,
      bundleId: maybeUuid,
      content: text,
      width: whole,
      height: whole,
      personId: { ...id, primaryKey: false },
      at: instant,
      removed: { type: DataTypes.BOOLEAN, allowNull: false, defaultValue: false },
    }),
    label: define('label', 'label', {
      id,
      shopId,
      parcelId: shopId,
      key: text,
      attempt: whole,
      state: text,
      ordered: json,
      rate: json,
      boughtFor: maybeJson,
      tracking: maybeText,
      chargedMinor: { type: DataTypes.INTEGER, allowNull: true },
      problem: maybeText,
      personId: { ...id, primaryKey: false },
      at: instant,
    }),
    address: define('address', 'address', {
      saleId: id,
      shopId,
      name: text,
      lines: json,
      revision: whole,
      personId: { ...id, primaryKey: false },
      at: instant,
    }),
    pickup: define('pickup', 'pickup', {
      id,
      shopId,
      cardKey: text,
      day,
      tracking: json,
      reference: text,
      personId: { ...id, primaryKey: false },
      at: instant,
    }),
    card: define('card', 'rate_card', {
      id,
      shopId,
      cardKey: text,
      version: whole,
      carrier: text,
      validFrom: day,
      validTo: { type: DataTypes.DATEONLY, allowNull: true },
      document: json,
      withdrawn: { type: DataTypes.BOOLEAN, defaultValue: false },
    }),
  };
}
