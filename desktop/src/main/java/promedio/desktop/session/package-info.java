/**
 * The document of a window and all that changes it: {@link Session} owns the assignment with its
 * history and the long work that will change it, {@link DocumentStore} its files and copies, {@link
 * SettingsStore} what is remembered for the person. No views; they subscribe to the session.
 */
@org.jspecify.annotations.NullMarked
package promedio.desktop.session;
