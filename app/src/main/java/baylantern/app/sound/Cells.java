package baylantern.app.sound;

/** A feature that says what the cells of its tables hold. A test refuses a column nobody has said it of. */
public interface Cells {

    /** Says it. */
    void tell(CellBook book);
}
