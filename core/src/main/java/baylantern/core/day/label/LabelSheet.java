package baylantern.core.day.label;

import baylantern.core.rules.Quantity;

/**
 * Labels laid on a sheet of paper in rows and columns, from the top left. All measures in mm.
 *
 * @param margin from the paper's edge to the first label
 * @param gap from one label to the next
 */
public record LabelSheet(Paper paper, Size label, Grid grid, Offset margin, Offset gap) {

    /** Shorter or narrower labels carry no square code that a camera reads. */
    public static final double LEAST_MM = 12;

    private static final double ROUNDING_MM = 0.05;

    /** Papers a printer takes. */
    public enum Paper {
        A4(210, 297),
        LETTER(215.9, 279.4);

        private final double widthMm;
        private final double heightMm;

        Paper(double widthMm, double heightMm) {
            this.widthMm = widthMm;
            this.heightMm = heightMm;
        }

        public double widthMm() {
            return widthMm;
        }

        public double heightMm() {
            return heightMm;
        }
    }

    /** Kinds of labels as they are usual. */
    public enum Kind {
        /** Long and narrow, tied or pushed in. */
        SLAT(100, 20, 2, 13),
        /** Stands in a pot. */
        STAKE(90, 28, 2, 9),
        /** Hangs on a thin stem. */
        TAG(50, 24, 4, 11);

        private final Size size;
        private final Grid grid;

        Kind(double widthMm, double heightMm, int columns, int rows) {
            this.size = new Size(widthMm, heightMm);
            this.grid = new Grid(columns, rows);
        }

        /** Its sheet on a paper, in the middle of it; as many rows as fit. */
        public LabelSheet on(Paper paper) {
            int rows = (int) Math.min(grid.rows(), Math.floor((paper.heightMm() - 10) / size.heightMm()));
            double left = (paper.widthMm() - grid.columns() * size.widthMm()) / 2;
            double top = (paper.heightMm() - rows * size.heightMm()) / 2;
            return new LabelSheet(paper, size, new Grid(grid.columns(), rows), new Offset(left, top), new Offset(0, 0));
        }
    }

    /** Width and height of one label. */
    public record Size(double widthMm, double heightMm) {}

    /** How many beside and under each other. */
    public record Grid(int columns, int rows) {}

    /** To the right and down. */
    public record Offset(double xMm, double yMm) {}

    /** Where a label lies: on which page from 0, its upper left corner from that of the paper. */
    public record Spot(int page, double xMm, double yMm) {}

    /** Throws {@link IllegalArgumentException} with a sentence where labels do not lie on the paper. */
    public LabelSheet {
        if (!(label.widthMm() >= LEAST_MM && label.heightMm() >= LEAST_MM)) {
            throw new IllegalArgumentException("A label is at least " + Quantity.mm(LEAST_MM) + " wide and high.");
        }
        if (!(grid.columns() >= 1 && grid.rows() >= 1 && grid.columns() <= 50 && grid.rows() <= 50)) {
            throw new IllegalArgumentException("Labels lie in 1 to 50 columns and 1 to 50 rows.");
        }
        if (!(margin.xMm() >= 0 && margin.yMm() >= 0 && gap.xMm() >= 0 && gap.yMm() >= 0)) {
            throw new IllegalArgumentException("Margins and gaps are not under " + Quantity.mm(0) + ".");
        }
        fits("wide", margin.xMm() + grid.columns() * label.widthMm() + (grid.columns() - 1) * gap.xMm(), paper.widthMm);
        fits("high", margin.yMm() + grid.rows() * label.heightMm() + (grid.rows() - 1) * gap.yMm(), paper.heightMm);
    }

    private static void fits(String way, double wantedMm, double thereMm) {
        if (!(wantedMm <= thereMm + ROUNDING_MM)) {
            throw new IllegalArgumentException(
                    "The labels need " + Quantity.mm(Math.round(wantedMm)) + ", and the paper is "
                            + Quantity.mm(Math.round(thereMm)) + " " + way + ": fewer or smaller ones, please.");
        }
    }

    /** Labels on one page. */
    public int perPage() {
        return grid.columns() * grid.rows();
    }

    /** Where the label with this number lies, counted from 0, row by row. */
    public Spot spot(int number) {
        int onPage = number % perPage();
        int column = onPage % grid.columns();
        int row = onPage / grid.columns();
        return new Spot(
                number / perPage(),
                margin.xMm() + column * (label.widthMm() + gap.xMm()),
                margin.yMm() + row * (label.heightMm() + gap.yMm()));
    }
}
