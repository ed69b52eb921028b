package ostium.app.account;

import java.time.Instant;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface AccountMapper {
    @Insert(
            "insert into account (id, email, name, password_hash) values (#{account.id}, #{account.email}, #{account.name},"
                    + " #{passwordHash})")
    void insert(Account account, String passwordHash);

    @Select("select id, email, name, confirmed_at is not null as confirmed from account where email = #{email}")
    Optional<Account> byEmail(String email);

    @Select("select id, email, name, confirmed_at is not null as confirmed from account where id = #{id}")
    Optional<Account> byId(String id);

    @Select("select password_hash from account where email = #{email}")
    Optional<String> passwordHash(String email);

    @Update("update account set password_hash = #{passwordHash} where id = #{id}")
    void setPassword(String id, String passwordHash);

    @Update("update account set email = #{email}, confirmed_at = now(6) where id = #{id}")
    void setEmail(String id, String email);

    @Update("update account set confirmed_at = now(6) where id = #{id} and confirmed_at is null")
    void confirm(String id);

    @Delete("delete from account where id = #{id}")
    void delete(String id);

    @Insert("insert into forgotten_password (id, email, asked_at) values (#{id}, #{email}, #{at})")
    void insertForgotten(String id, String email, Instant at);

    @Select("select email from forgotten_password where id = #{id}")
    Optional<String> forgotten(String id);

    @Delete("delete from forgotten_password where id = #{id}")
    void deleteForgotten(String id);

    /** Accounts whose address was never shown to be theirs, and that have nothing: the address is free for its owner. */
    @Delete("delete from account where confirmed_at is null and created_at < now(6) - interval 30 day"
            + " and not exists (select 1 from site where owner = account.id)"
            + " and not exists (select 1 from helper where account = account.id)")
    int sweepUnconfirmed();

    @Insert("insert into account_token (hash, account, purpose, email, expires_at)"
            + " values (#{hash}, #{account}, #{purpose}, #{email}, #{expiresAt})")
    void insertToken(String hash, String account, AccountToken.Purpose purpose, String email, Instant expiresAt);

    @Select("select hash, account, purpose, email, expires_at from account_token where hash = #{hash} for update")
    Optional<AccountToken> token(String hash);

    /** Once one is used, all of its purpose are void. */
    @Delete("delete from account_token where account = #{account}")
    void deleteTokens(String account);

    @Delete("delete from account_token where account = #{account} and purpose = #{purpose}")
    void deleteTokensOf(String account, AccountToken.Purpose purpose);

    @Delete("delete from account_token where expires_at < now(6)")
    void sweepTokens();
}
