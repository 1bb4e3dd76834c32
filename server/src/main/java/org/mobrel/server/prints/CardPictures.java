package org.mobrel.server.prints;

import java.awt.BasicStroke;
import java.awt.geom.Arc2D;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.util.ArrayList;
import java.util.List;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarSize;

/** What a card for the stove shows besides words: the instrument with its mark, and the load. In ink alone, for any printer. */
final class CardPictures {

    private static final int SIDE = 900;
    private static final double MIDDLE = SIDE / 2.0;
    /** A dial of a canner, in psi; it turns from lower left to lower right. */
    private static final int DIAL_END = 25;

    private static final double FROM_DEGREES = 225;
    private static final double TURN_DEGREES = 270;

    private CardPictures() {}

    /** A dial with the mark to keep. @param psi what to read on it */
    static String dial(double psi) {
        return Ink.picture(SIDE, SIDE, ink -> {
            ink.setStroke(new BasicStroke(14));
            ink.draw(new Ellipse2D.Double(40, 40, SIDE - 80.0, SIDE - 80.0));
            for (int each = 0; each <= DIAL_END; each++) {
                boolean numbered = each % 5 == 0;
                ink.setStroke(new BasicStroke(numbered ? 12 : 5));
                ink.draw(spoke(each, numbered ? 310 : 340, 375));
                if (numbered) {
                    Ink.write(
                            ink,
                            Integer.toString(each),
                            70,
                            MIDDLE + along(each, 250)[0],
                            MIDDLE + along(each, 250)[1],
                            Ink.Held.MIDDLE);
                }
            }
            // Below it the time does not count: hatched, not coloured.
            ink.setStroke(
                    new BasicStroke(24, BasicStroke.CAP_BUTT, BasicStroke.JOIN_MITER, 10, new float[] {8, 14}, 0));
            double to = TURN_DEGREES * psi / DIAL_END;
            ink.draw(new Arc2D.Double(62, 62, SIDE - 124.0, SIDE - 124.0, FROM_DEGREES, -to, Arc2D.OPEN));
            ink.setStroke(new BasicStroke(30, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
            ink.draw(spoke(psi, 0, 300));
            ink.fill(new Ellipse2D.Double(MIDDLE - 40, MIDDLE - 40, 80, 80));
        });
    }

    /** A weight with what is marked on it. @param pounds 5, 10 or 15 */
    static String weight(String pounds) {
        return Ink.picture(SIDE, SIDE, ink -> {
            ink.setStroke(new BasicStroke(16));
            ink.draw(new Ellipse2D.Double(150, 110, 600, 600));
            ink.draw(new Line2D.Double(MIDDLE, 710, MIDDLE, 860));
            Ink.write(ink, pounds, 270, MIDDLE, 390, Ink.Held.MIDDLE);
            Ink.write(ink, "lb", 90, MIDDLE, 570, Ink.Held.MIDDLE);
        });
    }

    /** The jars as they stand, seen from above; a letter for each size. */
    static String load(List<JarCount> jars) {
        List<String> all = new ArrayList<>();
        for (JarCount each : jars) {
            for (int jar = 0; jar < each.count(); jar++) {
                all.add(letter(each.size()));
            }
        }
        int across = all.size() > 12 ? 5 : 4;
        int down = Math.max(1, (all.size() + across - 1) / across);
        int step = SIDE / across;
        return Ink.picture(SIDE, step * down, ink -> {
            ink.setStroke(new BasicStroke(10));
            for (int jar = 0; jar < all.size(); jar++) {
                double x = step * (jar % across) + step / 2.0;
                double y = step * (jar / across) + step / 2.0;
                double wide = step * 0.84;
                ink.draw(new Ellipse2D.Double(x - wide / 2, y - wide / 2, wide, wide));
                Ink.write(ink, all.get(jar), step / 3, x, y, Ink.Held.MIDDLE);
            }
        });
    }

    private static String letter(JarSize size) {
        return switch (size) {
            case HALF_GALLON -> "½ gal";
            case QUART -> "Q";
            case PINT_AND_A_HALF -> "24";
            case PINT -> "P";
            case TWELVE_OUNCE -> "12";
            case HALF_PINT -> "½ p";
        };
    }

    private static Line2D spoke(double psi, double from, double to) {
        double[] start = along(psi, from);
        double[] end = along(psi, to);
        return new Line2D.Double(MIDDLE + start[0], MIDDLE + start[1], MIDDLE + end[0], MIDDLE + end[1]);
    }

    private static double[] along(double psi, double far) {
        double turned = Math.toRadians(FROM_DEGREES - TURN_DEGREES * psi / DIAL_END);
        return new double[] {far * Math.cos(turned), -far * Math.sin(turned)};
    }
}
