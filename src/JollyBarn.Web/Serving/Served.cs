using System.Net;
using System.Net.NetworkInformation;
using System.Net.Sockets;

namespace JollyBarn.Web.Serving;

/// <summary>Which door of the program a request came through.</summary>
public enum Door
{
    /// <summary>This machine alone, nobody signs in.</summary>
    Local,

    /// <summary>The network, HTTPS, with sign-in.</summary>
    Crew,

    /// <summary>The network, plain: the certificate to be trusted and how, nothing else.</summary>
    Trust,

    /// <summary>The network, plain: practice by the code of a class, nothing else.</summary>
    Class,
}

/// <summary>How the program is served: to this machine alone, or to others too.</summary>
internal sealed class Served
{
    private static readonly TimeSpan HostsHold = TimeSpan.FromSeconds(10);

    private readonly IReadOnlyList<string> extra;
    private volatile Known known = new([], 0);

    private Served(Certificates? certificates, IReadOnlyList<string> extra) => (Certificates, this.extra) = (certificates, extra);

    /// <summary>To this machine alone.</summary>
    public static Served Alone { get; } = new(null, []);

    /// <summary>True where others come in too, and everybody signs in.</summary>
    public bool On => Certificates is not null || Proxied;

    public Certificates? Certificates { get; }

    /// <summary>True where another server before this one speaks HTTPS, on this machine.</summary>
    public bool Proxied { get; private init; }

    /// <summary>Addresses to listen at.</summary>
    public IPAddress At { get; private init; } = IPAddress.Loopback;

    public int Port { get; set; }

    public int TrustPort { get; set; }

    public int ClassPort { get; set; }

    /// <summary>The shop's own certificate, or the local authority of a folder.</summary>
    /// <param name="more">Names it is reached by, beside those the machine has.</param>
    public static Served To(Certificates certificates, IReadOnlyList<string> more, IPAddress at) => new(certificates, more) { At = at };

    /// <summary>Behind a server on this machine that speaks HTTPS, for these names.</summary>
    public static Served Behind(IReadOnlyList<string> names) => new(null, names) { Proxied = true };

    /// <summary>True where a request may name this host.</summary>
    public bool Allows(Door door, string host) =>
        host is "localhost" or "127.0.0.1" or "[::1]"
        || (
            door != Door.Local
            && (
                extra.Contains(host, StringComparer.OrdinalIgnoreCase)
                || Hosts().Contains(host.Trim('[', ']'), StringComparer.OrdinalIgnoreCase)
            )
        );

    /// <summary>The address people are given: the first name that was asked for, else the first address of the machine.</summary>
    public string Host =>
        extra.Count > 0 ? extra[0]
        : Reached()[0] is var host && host.Contains(':', StringComparison.Ordinal) ? $"[{host}]"
        : host;

    public string Origin => Proxied || Port == 443 ? $"https://{Host}" : $"https://{Host}:{Port}";

    public string TrustOrigin => $"http://{Host}:{TrustPort}";

    public string ClassOrigin => $"http://{Host}:{ClassPort}";

    /// <summary>Names and addresses this machine has: private addresses first, those of its own at the end.</summary>
    public static IReadOnlyList<string> Reached() =>
        [
            .. NetworkInterface
                .GetAllNetworkInterfaces()
                .Where(i => i.OperationalStatus == OperationalStatus.Up && i.NetworkInterfaceType != NetworkInterfaceType.Loopback)
                .SelectMany(i => i.GetIPProperties().UnicastAddresses)
                .Select(a => a.Address)
                .Where(a => a.AddressFamily == AddressFamily.InterNetwork || !a.IsIPv6LinkLocal)
                .Where(Authority.Vouches)
                .OrderBy(a => a.AddressFamily == AddressFamily.InterNetwork ? 0 : 1)
                .Select(a => a.ToString())
                .Distinct(),
            $"{Dns.GetHostName().ToLowerInvariant()}.local",
            "localhost",
            "127.0.0.1",
            "::1",
        ];

    /// <summary>The same, asked of the machine now and then: every request names a host.</summary>
    private IReadOnlyList<string> Hosts()
    {
        if (known.At == 0 || System.Diagnostics.Stopwatch.GetElapsedTime(known.At) > HostsHold)
        {
            known = new(Reached(), System.Diagnostics.Stopwatch.GetTimestamp());
        }

        return known.Hosts;
    }

    private sealed record Known(IReadOnlyList<string> Hosts, long At);
}
