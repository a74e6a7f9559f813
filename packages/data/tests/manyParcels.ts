import type { Database } from '../src/index.ts';

/**
 * Multiplies one parcel of a shop into many that are over, each with its sale, piece, bundle, life and label, so that
 * a shop has grown for years. The statistics the server plans by are brought up to date.
 */
export async function manyParcels({ sequelize }: Database, parcelId: string, count: number): Promise<void> {
  await sequelize.transaction(async (transaction) => {
    const run = (sql: string) => sequelize.query(sql, { transaction, bind: [parcelId, count] });
    await run(`
      create temporary table grown on commit drop as
        select n, gen_random_uuid() as parcel, gen_random_uuid() as sale, gen_random_uuid() as piece, $1::uuid as origin
        from generate_series(1, $2::int) n`);
    // a code made by chance may be one of those that follow; none is made with a U in it
    await sequelize.query(`update parcel set code = 'U' || substr(code, 2) where code ~ '^G[0-9]+$'`, { transaction });
    await sequelize.query(
      `insert into sale (id, shop_id, buyer, destination_postcode, sold_minor, paid_minor, shipping_collected_minor, ship_by, fields)
         select g.sale, s.shop_id, 'B' || g.n, s.destination_postcode, s.sold_minor, s.paid_minor, s.shipping_collected_minor,
           s.ship_by - (g.n % 1000), s.fields
         from grown g join parcel p on p.id = g.origin join sale s on s.id = p.sale_id`,
      { transaction },
    );
    await sequelize.query(
      `insert into piece (id, shop_id, sale_id, title, archetype, bin, length_in, width_in, height_in, weight_lb, fields)
         select g.piece, i.shop_id, g.sale, i.title || ' number ' || g.n, i.archetype, 'Z' || (g.n % 900), i.length_in, i.width_in,
           i.height_in, i.weight_lb * (1 + (g.n % 7)), i.fields
         from grown g join bundle b on b.parcel_id = g.origin join piece i on i.id = b.piece_id`,
      { transaction },
    );
    await sequelize.query(
      `insert into parcel (id, shop_id, sale_id, code, state, revision, nest, plan_id, created_at)
         select g.parcel, p.shop_id, g.sale, 'G' || g.n, (array['delivered', 'returned', 'closed'])[1 + g.n % 3], 1, p.nest, p.plan_id,
           p.created_at - (g.n || ' hours')::interval
         from grown g join parcel p on p.id = g.origin`,
      { transaction },
    );
    await sequelize.query(
      `insert into bundle (id, shop_id, parcel_id, piece_id, position)
         select gen_random_uuid(), p.shop_id, g.parcel, g.piece, 1 from grown g join parcel p on p.id = g.origin`,
      { transaction },
    );
    await sequelize.query(
      `insert into life_event (id, shop_id, parcel_id, seq, at, person_id, kind, body)
         select gen_random_uuid(), e.shop_id, g.parcel, e.seq, e.at, e.person_id, e.kind, e.body
         from grown g join life_event e on e.parcel_id = g.origin`,
      { transaction },
    );
    await sequelize.query(
      `insert into label (id, shop_id, parcel_id, key, attempt, state, ordered, rate, tracking, person_id, at)
         select gen_random_uuid(), p.shop_id, g.parcel, 'grown:' || g.n, 1, 'bought', '{}', '{}', 'GR' || g.n, w.id, p.created_at
         from grown g join parcel p on p.id = g.origin join lateral (select id from person where shop_id = p.shop_id limit 1) w on true`,
      { transaction },
    );
  });
  await sequelize.query('analyze');
}
