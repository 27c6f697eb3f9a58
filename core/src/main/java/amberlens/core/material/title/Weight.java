package amberlens.core.material.title;

/** How strong letters are. A family that lacks one shows the nearest it has. */
public enum Weight {
    REGULAR(400),
    MEDIUM(500),
    SEMIBOLD(600),
    BOLD(700);

    private final int number;

    Weight(int number) {
        this.number = number;
    }

    /** In the scale of 1 … 1000 in which fonts tell their weights (ISO/IEC 14496-22, usWeightClass). */
    public int number() {
        return number;
    }
}
