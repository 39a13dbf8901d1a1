using System.Diagnostics;
using System.Net;
using System.Security.Cryptography.X509Certificates;
using JollyBarn.Store;
using JollyBarn.Web.Serving;

namespace JollyBarn.Web.Tests;

/// <summary>The local authority, looked over by another program: OpenSSL's own checks of chains, names and constraints.</summary>
public sealed class AuthorityTests : IDisposable
{
    private static readonly DateTimeOffset Now = DateTimeOffset.UtcNow;

    private readonly string folder = Directory.CreateTempSubdirectory("jolly-barn-authority-").FullName;

    public void Dispose() => Directory.Delete(folder, true);

    private static readonly X509Certificate2 Root = Authority.Make(Now);

    private sealed class Later : TimeProvider
    {
        public int Days { get; set; }

        public override DateTimeOffset GetUtcNow() => Now.AddDays(Days);
    }

    private static string OpenSsl(params string[] words)
    {
        var start = new ProcessStartInfo("openssl") { RedirectStandardOutput = true, RedirectStandardError = true };
        Array.ForEach(words, start.ArgumentList.Add);
        using var run = Process.Start(start)!;
        var error = run.StandardError.ReadToEndAsync();
        var text = run.StandardOutput.ReadToEnd() + error.Result;
        run.WaitForExit();
        return text;
    }

    private string Kept(string name, X509Certificate2 certificate)
    {
        var path = Path.Combine(folder, name);
        File.WriteAllText(path, certificate.ExportCertificatePem());
        return path;
    }

    private string Verified(X509Certificate2 leaf, params string[] more) =>
        OpenSsl(["verify", "-x509_strict", "-purpose", "sslserver", "-CAfile", Kept("root.pem", Root), .. more, Kept("leaf.pem", leaf)]);

    [Theory]
    [InlineData("192.168.1.20", "-verify_ip")]
    [InlineData("10.4.0.9", "-verify_ip")]
    [InlineData("fd00::2", "-verify_ip")]
    [InlineData("barn.local", "-verify_hostname")]
    public void A_private_address_and_a_local_name_are_vouched_for(string name, string how)
    {
        using var leaf = Authority.Vouch(Root, [name], Now);
        Assert.EndsWith("leaf.pem: OK", Verified(leaf, how, name).Trim(), StringComparison.Ordinal);
        Assert.Contains("mismatch", Verified(leaf, "-verify_hostname", "other.local"), StringComparison.Ordinal);
    }

    /// <summary>Made against the program's own checks, with the authority's key: nothing outside the constraints is believed.</summary>
    [Theory]
    [InlineData("barn.example", null)]
    [InlineData("local.example", null)]
    [InlineData(null, "8.8.4.4")]
    [InlineData(null, "172.32.0.1")]
    public void With_its_key_nobody_passes_for_anything_else(string? name, string? address)
    {
        using var key = System.Security.Cryptography.ECDsa.Create(System.Security.Cryptography.ECCurve.NamedCurves.nistP256);
        var request = new CertificateRequest("CN=x", key, System.Security.Cryptography.HashAlgorithmName.SHA256);
        var subject = new SubjectAlternativeNameBuilder();
        if (name is not null)
        {
            subject.AddDnsName(name);
        }
        else
        {
            subject.AddIpAddress(IPAddress.Parse(address!));
        }

        request.CertificateExtensions.Add(subject.Build());
        request.CertificateExtensions.Add(new X509BasicConstraintsExtension(false, false, 0, true));
        request.CertificateExtensions.Add(new X509KeyUsageExtension(X509KeyUsageFlags.DigitalSignature, true));
        request.CertificateExtensions.Add(X509AuthorityKeyIdentifierExtension.CreateFromCertificate(Root, true, false));
        using var leaf = request.Create(Root, Now.AddDays(-1), Now.AddDays(30), [1, 2, 3]);
        Assert.Contains("permitted subtree violation", Verified(leaf), StringComparison.Ordinal);
        Assert.False(name is null ? Authority.Vouches(IPAddress.Parse(address!)) : Authority.Vouches(name));
        using var asked = Authority.Vouch(Root, [name ?? address!, "barn.local"], Now);
        var names = OpenSsl("x509", "-noout", "-ext", "subjectAltName", "-in", Kept("asked.pem", asked));
        Assert.DoesNotContain(name ?? address!, names, StringComparison.Ordinal);
    }

    /// <summary>At most 398 days, as phones take it; never longer than the authority.</summary>
    [Fact]
    public void A_certificate_lives_no_longer_than_phones_take()
    {
        using var leaf = Authority.Vouch(Root, ["barn.local"], Now);
        Assert.InRange((leaf.NotAfter - leaf.NotBefore).TotalDays, 300, 397.01);
        using var last = Authority.Vouch(Root, ["barn.local"], Now.AddYears(10).AddDays(-40));
        Assert.True(last.NotAfter <= Root.NotAfter);
        Assert.Contains("CA:TRUE, pathlen:0", OpenSsl("x509", "-noout", "-text", "-in", Kept("root.pem", Root)), StringComparison.Ordinal);
    }

    /// <summary>The authority stays, its key readable by its owner alone; the certificate is made anew before it ends and when the machine
    /// is reached otherwise.</summary>
    [Fact]
    public void It_renews_itself_and_keeps_the_authority()
    {
        var clock = new Later();
        IReadOnlyList<string> names = ["barn.local", "192.168.1.20"];
        var at = Path.Combine(folder, "serving");
        using var first = new Certificates(at, () => names, clock);
        var (leaf, letters) = (first.Now.Thumbprint, first.Fingerprint);
        Assert.Null(first.Renew());
        clock.Days = 360;
        Assert.Null(first.Renew());
        clock.Days = 370;
        Assert.NotNull(first.Renew());
        Assert.NotEqual(leaf, first.Now.Thumbprint);
        leaf = first.Now.Thumbprint;
        names = ["barn.local", "192.168.7.3"];
        Assert.NotNull(first.Renew());
        Assert.NotEqual(leaf, first.Now.Thumbprint);
        using var again = new Certificates(at, () => names, clock);
        Assert.Equal(letters, again.Fingerprint);
        if (!OperatingSystem.IsWindows())
        {
            Assert.Equal(UnixFileMode.UserRead | UnixFileMode.UserWrite, File.GetUnixFileMode(Path.Combine(at, "authority.key")));
        }
    }

    /// <summary>The shop's own files: a key of another certificate is refused with a sentence, and new files are taken without a new
    /// start.</summary>
    [Fact]
    public void The_shops_own_certificate_is_read_again_when_its_files_change()
    {
        var (chain, key) = (Path.Combine(folder, "chain.pem"), Path.Combine(folder, "key.pem"));
        void Write(string name)
        {
            using var leaf = Authority.Vouch(Root, [name], Now);
            File.WriteAllText(key, leaf.GetECDsaPrivateKey()!.ExportPkcs8PrivateKeyPem());
            File.WriteAllText(chain, leaf.ExportCertificatePem() + "\n" + Root.ExportCertificatePem());
        }

        Write("shop.local");
        using var own = new Certificates(chain, key, TimeProvider.System);
        Assert.Null(own.Fingerprint);
        var was = own.Now.Thumbprint;
        Assert.Null(own.Renew());
        Write("shop.local");
        File.SetLastWriteTimeUtc(chain, DateTime.UtcNow.AddSeconds(5));
        Assert.NotNull(own.Renew());
        Assert.NotEqual(was, own.Now.Thumbprint);
        Assert.Equal(own.Now.Thumbprint, own.Context.TargetCertificate.Thumbprint);

        using var other = Authority.Vouch(Root, ["shop.local"], Now);
        File.WriteAllText(key, other.GetECDsaPrivateKey()!.ExportPkcs8PrivateKeyPem());
        Assert.Throws<StoreException>(() => new Certificates(chain, key, TimeProvider.System));
    }

    /// <summary>Words of a call that would serve others without a certificate they trust do not start anything.</summary>
    [Theory]
    [InlineData("--serve", null)]
    [InlineData("--serve --name barn.local", null)]
    [InlineData("--serve --name barn.example", "A local authority vouches")]
    [InlineData("--name barn.local", "go with --serve")]
    [InlineData("--serve --certificate a.pem", "go together")]
    [InlineData("--serve --certificate a.pem --key b.pem", "Say with --name")]
    [InlineData("--serve --certificate a.pem --key b.pem --name shop.example", null)]
    [InlineData("--serve --behind-proxy", "Say with --name")]
    [InlineData("--serve --behind-proxy --name shop.example", null)]
    [InlineData("--serve --port 65535", "three ports")]
    public void A_call_that_does_not_go_together_is_told(string words, string? says)
    {
        var problem = Options.Parse(words.Split(' ')).Problem;
        Assert.True(says is null ? problem is null : problem?.Contains(says, StringComparison.Ordinal) == true, problem);
    }
}
