package app.kehre.core.value;

/**
 * What a term of a closed list is stored as and what people read.
 *
 * @param key as {@link Named#key}
 * @param words as {@link Named#words}
 */
public record Term(String key, String words) {}
