using System.Formats.Asn1;
using System.Net;
using System.Net.Sockets;
using System.Security.Cryptography;
using System.Security.Cryptography.X509Certificates;

namespace JollyBarn.Web.Serving;

/// <summary>A certificate authority of this program alone, made at first use. It is constrained to addresses of private networks, to
/// <c>localhost</c> and to names under <c>.local</c>: whoever has its key can pass for nothing else.</summary>
internal static class Authority
{
    /// <summary>Longest life of a certificate that phones take: 398 days, and one is left (baseline requirements for certificates of
    /// servers, 6.3.2; from memory).</summary>
    public const int Days = 397;

    private const int Years = 10;
    private const string ServerAuthentication = "1.3.6.1.5.5.7.3.1";
    private const string NameConstraints = "2.5.29.30";

    /// <summary>RFC 1918, RFC 4193, RFC 3927, RFC 4291 and loopback, each as address and mask.</summary>
    private static readonly IPNetwork[] Private =
    [
        IPNetwork.Parse("10.0.0.0/8"),
        IPNetwork.Parse("172.16.0.0/12"),
        IPNetwork.Parse("192.168.0.0/16"),
        IPNetwork.Parse("169.254.0.0/16"),
        IPNetwork.Parse("127.0.0.0/8"),
        IPNetwork.Parse("fc00::/7"),
        IPNetwork.Parse("fe80::/10"),
        IPNetwork.Parse("::1/128"),
    ];

    private static readonly string[] Names = ["local", "localhost"];

    /// <summary>True for what the authority may vouch for.</summary>
    public static bool Vouches(IPAddress address) => Array.Exists(Private, n => n.Contains(address));

    /// <summary>True for what the authority may vouch for.</summary>
    public static bool Vouches(string name) => Array.Exists(Names, n => name == n || name.EndsWith("." + n, StringComparison.Ordinal));

    /// <summary>A new authority, with its key.</summary>
    public static X509Certificate2 Make(DateTimeOffset now)
    {
        using var key = ECDsa.Create(ECCurve.NamedCurves.nistP256);
        var name = $"Jolly Barn on this network, {now:yyyy-MM-dd}";
        var request = new CertificateRequest($"CN=\"{name}\"", key, HashAlgorithmName.SHA256);
        request.CertificateExtensions.Add(new X509BasicConstraintsExtension(true, true, 0, true));
        request.CertificateExtensions.Add(new X509KeyUsageExtension(X509KeyUsageFlags.KeyCertSign | X509KeyUsageFlags.CrlSign, true));
        request.CertificateExtensions.Add(new X509SubjectKeyIdentifierExtension(request.PublicKey, false));
        request.CertificateExtensions.Add(new X509Extension(NameConstraints, Constraints(), true));
        return request.CreateSelfSigned(now.AddDays(-1), now.AddYears(Years));
    }

    /// <summary>A certificate for a server, with its key. It never outlives the authority.</summary>
    /// <param name="names">Names and addresses it stands for; those the authority may not vouch for are left out.</param>
    public static X509Certificate2 Vouch(X509Certificate2 authority, IReadOnlyList<string> names, DateTimeOffset now)
    {
        using var key = ECDsa.Create(ECCurve.NamedCurves.nistP256);
        var request = new CertificateRequest("CN=\"Jolly Barn\"", key, HashAlgorithmName.SHA256);
        var subject = new SubjectAlternativeNameBuilder();
        foreach (var name in names)
        {
            if (!IPAddress.TryParse(name, out var address))
            {
                if (Vouches(name))
                {
                    subject.AddDnsName(name);
                }
            }
            else if (Vouches(address))
            {
                subject.AddIpAddress(address);
            }
        }

        request.CertificateExtensions.Add(subject.Build());
        request.CertificateExtensions.Add(new X509BasicConstraintsExtension(false, false, 0, true));
        request.CertificateExtensions.Add(new X509KeyUsageExtension(X509KeyUsageFlags.DigitalSignature, true));
        request.CertificateExtensions.Add(new X509EnhancedKeyUsageExtension([new Oid(ServerAuthentication)], false));
        request.CertificateExtensions.Add(X509AuthorityKeyIdentifierExtension.CreateFromCertificate(authority, true, false));
        var ends = now.AddDays(Days - 1);
        var last = new DateTimeOffset(authority.NotAfter.ToUniversalTime(), TimeSpan.Zero);
        using var bare = request.Create(authority, now.AddDays(-1), ends < last ? ends : last, RandomNumberGenerator.GetBytes(16));
        using var whole = bare.CopyWithPrivateKey(key);
        // Written and read again: a key made this moment is not taken by every platform's TLS.
        return X509Certificate2.CreateFromPem(whole.ExportCertificatePem(), key.ExportPkcs8PrivateKeyPem());
    }

    /// <summary>RFC 5280, 4.2.1.10: permitted subtrees of addresses and names, in DER.</summary>
    private static byte[] Constraints()
    {
        var writer = new AsnWriter(AsnEncodingRules.DER);
        using (writer.PushSequence())
        using (writer.PushSequence(new Asn1Tag(TagClass.ContextSpecific, 0, true)))
        {
            foreach (var name in Names)
            {
                using (writer.PushSequence())
                {
                    writer.WriteCharacterString(UniversalTagNumber.IA5String, name, new Asn1Tag(TagClass.ContextSpecific, 2));
                }
            }

            foreach (var network in Private)
            {
                using (writer.PushSequence())
                {
                    var address = network.BaseAddress.GetAddressBytes();
                    writer.WriteOctetString([.. address, .. Mask(network)], new Asn1Tag(TagClass.ContextSpecific, 7));
                }
            }
        }

        return writer.Encode();
    }

    private static byte[] Mask(IPNetwork network)
    {
        var mask = new byte[network.BaseAddress.AddressFamily == AddressFamily.InterNetwork ? 4 : 16];
        for (var bit = 0; bit < network.PrefixLength; bit++)
        {
            mask[bit / 8] |= (byte)(0x80 >> (bit % 8));
        }

        return mask;
    }
}
