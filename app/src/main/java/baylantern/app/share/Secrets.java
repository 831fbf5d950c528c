package baylantern.app.share;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.HexFormat;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;
import org.springframework.stereotype.Component;

/** What is drawn by chance, and how it is kept: codes, what a device shows to be let in, and passphrases. */
@Component
class Secrets {

    /** Letters and digits nobody takes for another, also when read out. */
    static final String LETTERS = "ACDEFGHJKMNPQRTUVWXY34679";

    static final int CODE_LENGTH = 8;
    private static final int TOKEN_BYTES = 32;

    /**
     * Kept of a passphrase drawn by chance and thrown away: compared with where there is nobody of that name, so that it takes as
     * long. Written down, since to make one takes a good part of a start.
     */
    static final String NOBODYS =
            "$argon2id$v=19$m=16384,t=2,p=1$Vk2TmYLDP/fjCQ0pAmKEHg$CvXHbVaTSvj1yeuCnI5RWWlv9pNFLWAi3dW0kTasNag";

    private final SecureRandom random = new SecureRandom();
    private final Argon2PasswordEncoder strong = Argon2PasswordEncoder.defaultsForSpringSecurity_v5_8();

    /** A new code to be read off one screen and typed on another. */
    String code() {
        StringBuilder code = new StringBuilder();
        for (int i = 0; i < CODE_LENGTH; i++) {
            code.append(LETTERS.charAt(random.nextInt(LETTERS.length())));
        }
        return code.toString();
    }

    /** A code as it was meant, however it was typed. */
    static String meant(String typed) {
        return typed.toUpperCase(Locale.ROOT).replaceAll("[^A-Z0-9]", "");
    }

    /** What a device shows from now on. */
    String token() {
        byte[] bytes = new byte[TOKEN_BYTES];
        random.nextBytes(bytes);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    }

    /** What is kept of a token: it cannot be shown in its place. */
    static String mark(String token) {
        try {
            byte[] digest = MessageDigest.getInstance("SHA-256").digest(token.getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(digest);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }

    /** What is kept of a passphrase (Argon2id, RFC 9106). */
    String kept(String passphrase) {
        return strong.encode(passphrase);
    }

    /** True where the passphrase is the one kept; as slow where none is. */
    boolean is(String passphrase, @Nullable String kept) {
        return strong.matches(passphrase, kept == null ? NOBODYS : kept) && kept != null;
    }
}
