using System.Net.Security;
using System.Security.Cryptography;
using System.Security.Cryptography.X509Certificates;
using JollyBarn.Store;

namespace JollyBarn.Web.Serving;

/// <summary>The certificate that is served by now: the shop's own, or one the local authority vouches for, made anew before it ends and
/// when the machine has another address.</summary>
internal sealed class Certificates : IDisposable
{
    /// <summary>Renewed when it has so long left.</summary>
    private static readonly TimeSpan Left = TimeSpan.FromDays(30);

    private readonly Lock making = new();
    private readonly TimeProvider clock;
    private readonly Func<IReadOnlyList<string>> names;
    private readonly (string Chain, string Key)? own;
    private volatile Held held;

    /// <summary>The local authority of a folder, made there when it has none.</summary>
    /// <param name="names">Names and addresses this machine is reached by now.</param>
    public Certificates(string folder, Func<IReadOnlyList<string>> names, TimeProvider clock)
    {
        (this.names, this.clock) = (names, clock);
        Root = ReadOrMake(folder, clock);
        held = new(Vouch(), [], names());
    }

    /// <summary>The shop's own certificate: PEM files of the chain and of the key. Read again when the files change.</summary>
    /// <exception cref="StoreException">They do not read, or do not belong together.</exception>
    public Certificates(string chain, string key, TimeProvider clock)
    {
        (names, this.clock) = (() => [], clock);
        own = (chain, key);
        held = Read(chain, key);
    }

    /// <summary>The authority to be trusted once; null where the shop has its own.</summary>
    public X509Certificate2? Root { get; }

    /// <summary>What the certificate in use stands for.</summary>
    public X509Certificate2 Now => held.Leaf;

    /// <summary>The certificate in use with what goes with it, up to what phones know.</summary>
    public SslStreamCertificateContext Context => held.Context;

    /// <summary>SHA-256 of the authority, in pairs: what a person compares on two screens.</summary>
    public string? Fingerprint =>
        Root is null ? null : string.Join(' ', Root.GetCertHashString(HashAlgorithmName.SHA256).Chunk(4).Select(c => new string(c)));

    /// <summary>Takes a new certificate where the one in use ends soon, or the machine is reached otherwise.</summary>
    /// <returns>A sentence for the log, or null where all stays.</returns>
    public string? Renew()
    {
        lock (making)
        {
            if (own is var (chain, key))
            {
                if (File.GetLastWriteTimeUtc(chain) <= held.Written)
                {
                    return null;
                }

                try
                {
                    held = Read(chain, key);
                    return $"The certificate was read again; it ends {held.Leaf.NotAfter:yyyy-MM-dd}.";
                }
                catch (StoreException problem)
                {
                    return problem.Message;
                }
            }

            var now = names();
            var ends = new DateTimeOffset(held.Leaf.NotAfter.ToUniversalTime(), TimeSpan.Zero);
            if (ends - clock.GetUtcNow() > Left && now.SequenceEqual(held.Names))
            {
                return null;
            }

            held = new(Vouch(), [], now);
            return $"A certificate was made anew; it ends {held.Leaf.NotAfter:yyyy-MM-dd}.";
        }
    }

    public void Dispose()
    {
        Root?.Dispose();
        held.Leaf.Dispose();
    }

    private X509Certificate2 Vouch() => Authority.Vouch(Root!, names(), clock.GetUtcNow());

    private static Held Read(string chain, string key)
    {
        try
        {
            var leaf = X509Certificate2.CreateFromPemFile(chain, key);
            var above = new X509Certificate2Collection();
            above.ImportFromPemFile(chain);
            above.RemoveAt(0);
            return new(leaf, above, []) { Written = File.GetLastWriteTimeUtc(chain) };
        }
        catch (Exception problem)
            when (problem is CryptographicException or ArgumentException or IOException or UnauthorizedAccessException)
        {
            throw new StoreException(
                $"The certificate {chain} with the key {key} does not read: give PEM files that belong together.",
                problem
            );
        }
    }

    /// <summary>The authority of a folder that only its owner reads.</summary>
    private static X509Certificate2 ReadOrMake(string folder, TimeProvider clock)
    {
        var (certificate, key) = (Path.Combine(folder, "authority.pem"), Path.Combine(folder, "authority.key"));
        try
        {
            if (File.Exists(certificate) && File.Exists(key))
            {
                return X509Certificate2.CreateFromPemFile(certificate, key);
            }

            if (OperatingSystem.IsWindows())
            {
                Directory.CreateDirectory(folder);
            }
            else
            {
                Directory.CreateDirectory(folder, UnixFileMode.UserRead | UnixFileMode.UserWrite | UnixFileMode.UserExecute);
            }

            using var made = Authority.Make(clock.GetUtcNow());
            using var secret = made.GetECDsaPrivateKey()!;
            // The key first: a certificate without one would be taken for an authority.
            Write(key, secret.ExportPkcs8PrivateKeyPem());
            Write(certificate, made.ExportCertificatePem());
            return X509Certificate2.CreateFromPemFile(certificate, key);
        }
        catch (Exception problem) when (problem is CryptographicException or IOException or UnauthorizedAccessException)
        {
            throw new StoreException($"The authority in {folder} can be neither read nor made: {problem.Message}", problem);
        }
    }

    private static void Write(string path, string text)
    {
        var options = new FileStreamOptions { Mode = FileMode.Create, Access = FileAccess.Write };
        if (!OperatingSystem.IsWindows())
        {
            options.UnixCreateMode = UnixFileMode.UserRead | UnixFileMode.UserWrite;
        }

        using var writer = new StreamWriter(path, options);
        writer.Write(text);
    }

    private sealed record Held(X509Certificate2 Leaf, X509Certificate2Collection Above, IReadOnlyList<string> Names)
    {
        public SslStreamCertificateContext Context { get; } = SslStreamCertificateContext.Create(Leaf, Above, offline: true);

        public DateTime Written { get; init; }
    }
}
