package org.mobrel.server.planning;

import java.math.BigDecimal;
import java.math.RoundingMode;
import org.mobrel.scaling.KitchenMeasure;
import org.mobrel.shopping.Goods;

/** Goods in words that are read back as the same amount: '1 lb 5 oz', '2 qt', '3 cans'. */
final class GoodsFormat {

    private GoodsFormat() {}

    static String of(Goods goods, KitchenMeasure measure) {
        return goods.mass()
                .map(measure::mass)
                .or(() -> goods.volume().map(volume -> measure.volume(volume, true)))
                .orElseGet(() -> counted(goods));
    }

    /** As a shop sells it, never less than is needed. */
    static String toBuy(Goods goods, KitchenMeasure measure) {
        return goods.mass()
                .map(measure::toBuy)
                .or(() -> goods.volume().map(measure::toBuy))
                .orElseGet(() -> counted(goods));
    }

    private static String counted(Goods goods) {
        BigDecimal count = BigDecimal.valueOf(goods.count())
                .setScale(0, RoundingMode.CEILING)
                .max(BigDecimal.ONE);
        String unit = goods.unit().code();
        String many = unit.endsWith("ch") ? unit + "es" : unit + "s";
        return unit.isEmpty()
                ? count.toPlainString()
                : count.toPlainString() + " " + (count.equals(BigDecimal.ONE) ? unit : many);
    }
}
