/** The farm shared with other devices: its door in the local network, who is signed in on what, and what each may do. */
@org.jspecify.annotations.NullMarked
package baylantern.app.share;
