/** What every cell of the store must be, so that a farm brought in, and one that is opened, holds nothing that cannot be read. */
@org.jspecify.annotations.NullMarked
package baylantern.app.sound;
