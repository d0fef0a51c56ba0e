package app.kehre.desk.session;

import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.Properties;

import app.kehre.desk.fault.FaultLog;
import app.kehre.formats.disk.DiskTrouble;

/** What the window remembers from one time to the next. Anything unreadable is simply forgotten. */
public final class Settings {

    /** The name under which they are kept. */
    public static final String FILE = "window.properties";

    private final Kept kept;
    private final Properties values = new Properties();

    /** Reads the settings. */
    public Settings(Kept kept) {
        this.kept = kept;
        try {
            Optional<byte[]> bytes = kept.read();
            if (bytes.isPresent()) {
                values.load(new StringReader(new String(bytes.get(), StandardCharsets.UTF_8)));
            }
        } catch (DiskTrouble | IOException | IllegalArgumentException unreadable) {
            FaultLog.without("the settings of the window", unreadable);
            values.clear();
        }
    }

    /** Returns a remembered text. */
    public String text(String name, String otherwise) {
        return values.getProperty(name, otherwise);
    }

    /** Returns a remembered number, if it lies in the range. */
    public double number(String name, double least, double most, double otherwise) {
        try {
            double found = Double.parseDouble(values.getProperty(name, ""));
            return found >= least && found <= most ? found : otherwise;
        } catch (NumberFormatException unset) {
            return otherwise;
        }
    }

    /** Remembers a value until {@link #save}. */
    public void set(String name, Object value) {
        values.setProperty(name, value.toString());
    }

    /**
     * Writes the settings.
     *
     * @throws DiskTrouble when they could not be written
     */
    public void save() throws DiskTrouble {
        StringWriter text = new StringWriter();
        try {
            values.store(text, null);
        } catch (IOException impossible) {
            throw new IllegalStateException(impossible);
        }
        kept.change(_ -> text.toString().getBytes(StandardCharsets.UTF_8));
    }
}
