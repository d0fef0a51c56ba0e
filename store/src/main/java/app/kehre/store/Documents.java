package app.kehre.store;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.zip.DeflaterOutputStream;
import java.util.zip.InflaterOutputStream;

import org.jdbi.v3.core.Handle;

/** Plan documents as they lie in the studio: each once, deflated, whoever refers to it. */
final class Documents {

    private Documents() {}

    /** Keeps a document. Returns its number, which is the same for the same bytes. */
    static long keep(Handle handle, byte[] document) {
        byte[] print = print(document);
        return handle.createQuery("select id from document where print = ?").bind(0, print).mapTo(Long.class)
                .findOne().orElseGet(() -> handle
                        .createUpdate("insert into document (print, bytes) values (?, ?)").bind(0, print)
                        .bind(1, deflated(document)).executeAndReturnGeneratedKeys("id").mapTo(Long.class)
                        .one());
    }

    /** Throws away a document to which nothing refers any more. */
    static void release(Handle handle, long id) {
        handle.execute(
                "delete from document where id = ? and not exists (select 1 from version where document = ?)"
                        + " and not exists (select 1 from class_record where document = ?)",
                id, id, id);
    }

    static byte[] inflated(byte[] bytes) {
        ByteArrayOutputStream all = new ByteArrayOutputStream();
        try (InflaterOutputStream out = new InflaterOutputStream(all)) {
            out.write(bytes);
        } catch (IOException damaged) {
            throw new UncheckedIOException(damaged);
        }
        return all.toByteArray();
    }

    private static byte[] deflated(byte[] bytes) {
        ByteArrayOutputStream all = new ByteArrayOutputStream();
        try (DeflaterOutputStream out = new DeflaterOutputStream(all)) {
            out.write(bytes);
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return all.toByteArray();
    }

    private static byte[] print(byte[] bytes) {
        try {
            return MessageDigest.getInstance("SHA-256").digest(bytes);
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException(impossible);
        }
    }
}
