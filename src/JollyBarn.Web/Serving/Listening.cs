using System.Net;
using System.Net.Security;
using JollyBarn.Store;
using JollyBarn.Web.Crew;
using JollyBarn.Web.Printed;
using Microsoft.AspNetCore.Server.Kestrel.Core;
using Microsoft.AspNetCore.Server.Kestrel.Https;

namespace JollyBarn.Web.Serving;

/// <summary>Where the program listens, and what it says of it in its window.</summary>
internal static class Listening
{
    private static readonly TimeSpan OwnerComes = TimeSpan.FromHours(1);

    /// <summary>Certificates the call asks for; null where it serves this machine alone or stands behind another server.</summary>
    public static Certificates? Certificates(Options asked, string data) =>
        !asked.Serve || asked.Proxied ? null
        : asked.Certificate is { } chain ? new(chain, asked.Key!, TimeProvider.System)
        : new($"{data}.serving", () => [.. asked.Names, .. Serving.Served.Reached()], TimeProvider.System);

    /// <param name="at">Where it listens; null for every address of the machine.</param>
    public static Served Served(Options asked, Certificates? certificates, IPAddress? at = null) =>
        !asked.Serve ? Serving.Served.Alone
        : certificates is null ? Serving.Served.Behind(asked.Names)
        : Serving.Served.To(certificates, asked.Names, at ?? IPAddress.IPv6Any);

    /// <summary>Opens the doors: one for this machine alone, or one for the crew, one to come to trust it by, and one for
    /// classes.</summary>
    public static void At(KestrelServerOptions kestrel, Served served, int port)
    {
        if (!served.On)
        {
            kestrel.Listen(IPAddress.Loopback, port);
            return;
        }

        served.Port = port;
        if (served.Certificates is not { } certificates)
        {
            kestrel.Listen(IPAddress.Loopback, port, listen => Mark(listen, Door.Crew));
            return;
        }

        kestrel.Listen(served.At, port, listen =>
        {
            listen.UseHttps(
                new TlsHandshakeCallbackOptions
                {
                    OnConnection = _ => new(new SslServerAuthenticationOptions { ServerCertificateContext = certificates.Context }),
                }
            );
            Mark(listen, Door.Crew);
        });
        int Beside(int by) => port == 0 ? 0 : port + by;
        if (certificates.Root is not null)
        {
            served.TrustPort = Beside(1);
            kestrel.Listen(served.At, served.TrustPort, listen => Mark(listen, Door.Trust));
        }

        served.ClassPort = Beside(2);
        kestrel.Listen(served.At, served.ClassPort, listen => Mark(listen, Door.Class));
    }

    /// <summary>The ports that were found free, where the call left them open.</summary>
    /// <param name="urls">Where it listens, in the order in which the doors were opened.</param>
    public static void Settle(Served served, IEnumerable<string> urls)
    {
        if (served is { On: true, Port: 0 })
        {
            var ports = new Queue<int>(urls.Select(u => new Uri(u).Port));
            served.Port = ports.Dequeue();
            served.TrustPort = served.Certificates?.Root is null ? 0 : ports.Dequeue();
            served.ClassPort = served.Certificates is null ? 0 : ports.Dequeue();
        }
    }

    /// <summary>What stands in the window: addresses, the letters to compare, and where nobody owns the crew yet, the invitation
    /// to.</summary>
    public static string Told(Served served, JobStore store, Options asked, TimeProvider clock)
    {
        var lines = new List<string> { $"Jolly Barn is at {served.Origin}  (data: {store.Path}). People sign in." };
        if (served.Certificates?.Root is not null)
        {
            lines.Add($"A phone that does not know it yet: {served.TrustOrigin}");
            lines.Add(QrCode.Lines(served.TrustOrigin));
            lines.Add($"Compare these letters there:  {served.Certificates.Fingerprint}");
        }

        if (served.ClassPort > 0)
        {
            lines.Add($"Classes, by their code: {served.ClassOrigin}/room");
        }

        if (asked.InviteOwner || !store.Crew.HasOwner)
        {
            var (_, path) = Invitations.Make(store, clock, CrewRole.Owner, [], OwnerComes, "Jolly Barn");
            lines.Add("Who opens this within the hour owns the crew. Show it to nobody else:");
            lines.Add(served.Origin + path);
        }

        return string.Join('\n', lines);
    }

    private static void Mark(ListenOptions listen, Door door) =>
        listen.Use(next =>
            connection =>
            {
                connection.Items[typeof(Door)] = door;
                return next(connection);
            }
        );
}
