<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Failure\Refusal;
use App\Http\Answer;
use App\Input\Uuid;
use App\Models\Photo;
use App\Photos\PhotoBytes;
use App\Photos\PhotoStore;
use App\Records\Moment;
use App\Records\OrderFile;
use App\Records\OrderPage;
use App\Records\Recorder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Lumbro\Core\Commands\Kinds;
use Lumbro\Core\Measure\Node;

/** Photos of an order: taken in by their content, shown to those of the shop. */
final class PhotoController
{
    public function add(Request $request, string $order): JsonResponse
    {
        $user = Answer::user($request);
        $id = Uuid::of($request->query('id'), '/id');
        $about = (string) $request->query('about', 'car');
        $sensor = $request->query('sensor');
        $payload = Node::parse((string) json_encode(['photo' => $id, 'about' => $about, ...(is_string($sensor) && $sensor !== '' ? ['sensor' => $sensor] : [])]));
        $opened = OrderFile::open($user, $order);
        if ($opened->has($id)) {
            return Answer::json(OrderPage::of($opened));
        }
        $photo = PhotoBytes::read($request->getContent(), $request->query('keepLocation') === '1');
        PhotoStore::keep($photo);
        $file = DB::transaction(static function () use ($user, $order, $id, $payload, $photo): OrderFile {
            $file = OrderFile::open($user, $order, true);
            if ($file->has($id)) {
                return $file;
            }
            Photo::query()->insert([
                'shop_id' => $user->shop_id, 'id' => $id, 'repair_order_id' => $file->row->id, 'hash' => $photo->hash(), 'type' => $photo->type,
                'width' => $photo->width, 'height' => $photo->height, 'bytes' => strlen($photo->bytes), 'taken_at' => $photo->takenAt,
                'location' => $photo->location === null ? null : json_encode($photo->location), 'user_id' => $user->id,
            ]);
            Recorder::order($user, $file, Kinds::orderLine('photo', $id, $user->name, Moment::now(), $payload), $file->version, true);

            return $file;
        });

        return Answer::json(OrderPage::of($file));
    }

    public function show(Request $request, string $photo): Response
    {
        return $this->bytes($request, $photo, false);
    }

    public function thumbnail(Request $request, string $photo): Response
    {
        return $this->bytes($request, $photo, true);
    }

    private function bytes(Request $request, string $photo, bool $small): Response
    {
        $row = Photo::query()->where('shop_id', Answer::user($request)->shop_id)->where('id', $photo)->first() ?? throw Refusal::notFound('photo');
        $bytes = PhotoStore::read($row->hash, $small) ?? throw Refusal::notFound('photo-file');

        return new Response($bytes, 200, [
            'Content-Type' => $small ? 'image/jpeg' : $row->type,
            'Content-Disposition' => 'inline; filename="photo"',
            'Content-Security-Policy' => "default-src 'none'; sandbox",
            'X-Content-Type-Options' => 'nosniff',
            'Cache-Control' => 'private, max-age=31536000, immutable',
        ]);
    }
}
