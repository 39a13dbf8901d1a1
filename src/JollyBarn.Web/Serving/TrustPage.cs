using System.Net;
using System.Security.Cryptography.X509Certificates;

namespace JollyBarn.Web.Serving;

/// <summary>What the plain door answers: the certificate of the local authority, and how a phone comes to trust it. No script, no
/// cookie, nothing of any job.</summary>
internal static class TrustPage
{
    private const string Certificate = "/jolly-barn.crt";

    private const string Style = """
        body{font:18px/1.5 system-ui,sans-serif;background:#f3eee0;color:#20262c;margin:0;padding:16px;max-width:640px;margin:auto}
        h1{font-size:26px;margin:8px 0}h2{font-size:20px;margin:24px 0 4px;border-bottom:2px solid #20262c}
        ol{padding-left:24px}li{margin:6px 0}code{display:block;font:16px/1.6 ui-monospace,monospace;background:#fbf8ef;
        border:2px solid #20262c;border-radius:8px;padding:10px;overflow-wrap:anywhere}
        a.key{display:block;text-align:center;background:#20262c;color:#fbf8ef;border-radius:10px;padding:14px;margin:14px 0;
        text-decoration:none;font-weight:700}p.care{border-left:6px solid #9c231d;padding-left:12px}
        """;

    /// <summary>The hash of the style, for the policy that lets no other in.</summary>
    private static readonly string Hash = Convert.ToBase64String(
        System.Security.Cryptography.SHA256.HashData(System.Text.Encoding.UTF8.GetBytes(Style))
    );

    public static Task AnswerAsync(HttpContext context, Served served)
    {
        var response = context.Response;
        var read = HttpMethods.IsGet(context.Request.Method) || HttpMethods.IsHead(context.Request.Method);
        if (!read || served.Certificates?.Root is not { } root)
        {
            response.StatusCode = 404;
            return Task.CompletedTask;
        }

        response.Headers.CacheControl = "no-store";
        response.Headers.ContentSecurityPolicy =
            $"default-src 'none'; style-src 'sha256-{Hash}'; base-uri 'none'; form-action 'none'; frame-ancestors 'none'";
        switch (context.Request.Path.Value)
        {
            case Certificate:
                response.ContentType = "application/x-x509-ca-cert";
                response.Headers.ContentDisposition = "attachment; filename=\"jolly-barn.crt\"";
                return response.Body.WriteAsync(root.Export(X509ContentType.Cert)).AsTask();
            case "/":
                response.ContentType = "text/html; charset=utf-8";
                return response.WriteAsync(Text(served));
            default:
                response.StatusCode = 404;
                return Task.CompletedTask;
        }
    }

    private static string Text(Served served) =>
        $"""
            <!doctype html><html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width,initial-scale=1">
            <title>Trust Jolly Barn on this network</title><style>{Style}</style></head><body>
            <h1>Trust Jolly Barn on this network</h1>
            <p>Once for each phone. After that it opens with a lock, and what you send to it nobody beside you reads.</p>
            <h2>1. Compare</h2>
            <p>The machine that runs Jolly Barn shows these letters in its window. Read them aloud to each other.</p>
            <code>{WebUtility.HtmlEncode(served.Certificates!.Fingerprint)}</code>
            <p class="care">If one letter differs, stop: somebody stands between you and it.</p>
            <a class="key" href="{Certificate}">Get the certificate</a>
            <h2>2. On an iPhone or iPad</h2>
            <ol><li>Allow the download, then open <b>Settings</b>: at the top stands <b>Profile Downloaded</b>. Tap it, <b>Install</b>.</li>
            <li>Then <b>General, About, Certificate Trust Settings</b>: switch on full trust for
            <b>Jolly Barn on this network</b>.</li></ol>
            <h2>2. On Android</h2>
            <ol><li>Open <b>Settings</b> and search for <b>CA certificate</b> (Security, Encryption and credentials, Install a
            certificate).</li><li>Choose <b>CA certificate</b>, <b>Install anyway</b>, and the file <b>jolly-barn.crt</b>.</li></ol>
            <h2>2. On a computer</h2>
            <ol><li>Add the file to the authorities of the browser or of the system, trusted for websites.</li></ol>
            <p>It can vouch only for addresses of private networks and for names that end in <b>.local</b>: for nothing on the internet.</p>
            <h2>3. Come in</h2>
            <a class="key" href="{WebUtility.HtmlEncode(served.Origin)}/">Open {WebUtility.HtmlEncode(served.Origin)}</a>
            <p>To take it off again, remove the certificate where you installed it.</p>
            </body></html>
            """;
}
