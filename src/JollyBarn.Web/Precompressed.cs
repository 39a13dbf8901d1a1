using Microsoft.AspNetCore.StaticFiles;
using Microsoft.Net.Http.Headers;

namespace JollyBarn.Web;

/// <summary>Scripts and styles were compressed as far as they go when they were built: who takes brotli is sent that.</summary>
internal static class Precompressed
{
    private const string Ending = ".br";

    /// <summary>Asks for the compressed file beside the one asked for, where there is one.</summary>
    public static void UsePrecompressed(this WebApplication app) =>
        app.Use(
            (context, next) =>
            {
                var request = context.Request;
                if (
                    HttpMethods.IsGet(request.Method)
                    && request.Path.Value is { } path
                    && Accepts(request)
                    && app.Environment.WebRootFileProvider.GetFileInfo(path + Ending) is { Exists: true }
                )
                {
                    request.Path = path + Ending;
                }

                return next(context);
            }
        );

    /// <summary>Says what a compressed file is under its compression.</summary>
    public static void Say(StaticFileResponseContext file, FileExtensionContentTypeProvider types)
    {
        if (file.File.Name.EndsWith(Ending, StringComparison.Ordinal) && types.TryGetContentType(file.File.Name[..^3], out var type))
        {
            var headers = file.Context.Response.Headers;
            headers.ContentType = type;
            headers.ContentEncoding = "br";
            headers.Vary = HeaderNames.AcceptEncoding;
        }
    }

    private static bool Accepts(HttpRequest request) =>
        request.GetTypedHeaders().AcceptEncoding.Any(e => e.Value == "br" && e.Quality is not 0);
}
