package ostium.app.booking;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.springframework.transaction.annotation.Isolation;
import org.springframework.transaction.annotation.Transactional;

/**
 * One change of a diary. What is read after the lock of the diary is what others have committed before it, whatever was read
 * earlier in the same transaction: with repeatable reads two could be given the same time.
 */
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
@Transactional(isolation = Isolation.READ_COMMITTED, rollbackFor = NotFree.class)
public @interface DiaryTransaction {}
