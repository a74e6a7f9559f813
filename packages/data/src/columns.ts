import { DataTypes, type Model } from 'sequelize';

// Kinds of column as the models use them.

export const id = { type: DataTypes.UUID, primaryKey: true };
export const shopId = { type: DataTypes.UUID, allowNull: false };
export const text = { type: DataTypes.TEXT, allowNull: false };
export const maybeText = { type: DataTypes.TEXT, allowNull: true };
export const whole = { type: DataTypes.INTEGER, allowNull: false };
export const json = { type: DataTypes.JSONB, allowNull: false };
export const maybeJson = { type: DataTypes.JSONB, allowNull: true };
export const instant = { type: DataTypes.DATE, allowNull: false };
export const maybeInstant = { type: DataTypes.DATE, allowNull: true };
export const yes = { type: DataTypes.BOOLEAN, allowNull: false, defaultValue: false };
export const day = { type: DataTypes.DATEONLY, allowNull: false };
export const maybeUuid = { type: DataTypes.UUID, allowNull: true };
/** Exact decimals come back from the server as text; a number serves the model. */
export const decimal = (name: string, allowNull: boolean) => ({
  type: DataTypes.DECIMAL(14, 6),
  allowNull,
  get(this: Model): number | null {
    const kept: unknown = this.getDataValue(name);
    return kept === null || kept === undefined ? null : Number(kept);
  },
});
